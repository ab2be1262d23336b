import { Injectable } from '@nestjs/common'
import { roadAhead, sequencesAhead } from '@nimble-anchor/core/ahead'
import { type AheadView } from '@nimble-anchor/core/formats'
import { type StockItem } from '@nimble-anchor/core/match'
import { type RestraintModel, type RestraintUnit } from '@nimble-anchor/core/restraint'
import { FittingsService } from '../fittings/fittings.service'
import { Database } from '../storage/database'
import { ModelRow, UnitRow } from '../storage/entities'
import { calendarOf } from './calendar'
import { sheetPdf } from './sheet'

/** What is handed over with a fitting: the road ahead, the sheet, the calendar. Core works all of it out. */
@Injectable()
export class HandoverService {
  constructor(
    private readonly db: Database,
    private readonly fittings: FittingsService,
  ) {}

  async ahead(id: string, of: 'shelf' | 'catalogue' = 'shelf'): Promise<AheadView> {
    const { case: c } = await this.fittings.get(id)
    const sequences = sequencesAhead(c, of === 'shelf' ? await this.shelf() : await this.catalogue())
    return {
      asOf: c.today,
      items: roadAhead(c),
      sequences: sequences.map((s) => ({
        ...s,
        legs: s.legs.map(({ model, unit, mode, ...leg }) => ({
          ...leg,
          modelId: model.id,
          modelName: `${model.maker} ${model.name}`,
          modeLabel: mode.label,
          ...(unit && { unitId: unit.id, serial: unit.serial }),
        })),
      })),
    }
  }

  async sheet(id: string): Promise<Buffer> {
    const { case: c } = await this.fittings.get(id)
    return sheetPdf(c, roadAhead(c))
  }

  async calendar(id: string): Promise<string> {
    const { case: c, updatedAt } = await this.fittings.get(id)
    return calendarOf(id, c, roadAhead(c), new Date(updatedAt))
  }

  /** Every model, whether anybody has one or not; the unit in use stays itself. */
  private async catalogue(): Promise<readonly StockItem[]> {
    const shelf = await this.shelf()
    const models = (await this.db.read.find(ModelRow)).map((r) => r.body as RestraintModel)
    const owned = new Set(shelf.map((s) => s.model.id))
    return [...shelf, ...models.filter((m) => !owned.has(m.id)).map((model) => ({ model }))]
  }

  /** Every unit that is on the shelf, with its model. */
  private async shelf(): Promise<readonly StockItem[]> {
    const models = new Map((await this.db.read.find(ModelRow)).map((r) => [r.id, r.body as RestraintModel]))
    return (await this.db.read.find(UnitRow)).flatMap((r): StockItem[] => {
      const unit = r.body as RestraintUnit
      const model = models.get(unit.modelId)
      return model ? [{ model, unit }] : []
    })
  }
}
