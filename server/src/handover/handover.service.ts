import { type FittingId } from '@nimble-anchor/core/ground'
import { Injectable } from '@nestjs/common'
import { type AheadView } from '@nimble-anchor/core/formats'
import { FittingsRead } from '../fittings/fittings-read'
import { Database } from '../storage/database'
import type { Waiter } from '../work/waiter'
import { Workshop } from '../work/workshop'

/** What is handed over with a fitting: the road ahead, the sheet, the calendar. Core works all of it out. */
@Injectable()
export class HandoverService {
  constructor(
    private readonly db: Database,
    private readonly fittings: FittingsRead,
    private readonly workshop: Workshop,
  ) {}

  async ahead(id: FittingId, of: 'shelf' | 'catalogue' = 'shelf', waiter?: Waiter): Promise<AheadView> {
    const { case: c } = await this.fittings.get(id)
    const models = await this.texts('restraint_model')
    const units = await this.texts('restraint_unit')
    return this.workshop.run('ahead', [c, { models, units, of }], waiter)
  }

  /** @param locale in which days are written */
  async sheet(id: FittingId, locale?: string, waiter?: Waiter): Promise<Buffer> {
    const { case: c } = await this.fittings.get(id)
    return Buffer.from(await this.workshop.run('sheet', [c, locale], waiter))
  }

  async calendar(id: FittingId, waiter?: Waiter): Promise<string> {
    const { case: c, updatedAt } = await this.fittings.get(id)
    return this.workshop.run('calendar', [id, c, updatedAt], waiter)
  }

  private async texts(table: 'restraint_model' | 'restraint_unit'): Promise<readonly string[]> {
    const rows = (await this.db.read.query(`SELECT "body" FROM "${table}"`)) as { body: string }[]
    return rows.map((r) => r.body)
  }
}
