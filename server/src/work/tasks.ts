import { roadAhead, sequencesAhead, type AheadItem } from '@nimble-anchor/core/ahead'
import { type Case } from '@nimble-anchor/core/casefile'
import { type AheadView, type ReadItem, readCatalogue, type TableName } from '@nimble-anchor/core/formats'
import { type Fault, type Result } from '@nimble-anchor/core/ground'
import { readCsv, toCsv } from '../catalogue/csv'
import { calendarOf } from '../handover/calendar'
import { sheetPdf } from '../handover/sheet'
import { stockOf, type StockTexts } from '../handover/stock'

/** What takes long, each a function of its arguments alone: it runs beside the requests, not among them. */
export const TASKS = {
  readCatalogue: (document: unknown): Result<readonly ReadItem[], readonly Fault[]> => readCatalogue(document),
  readCsv,
  /** @param texts items as they are stored */
  toCsv: (table: TableName, texts: readonly string[]): string =>
    toCsv(
      table,
      texts.map((text) => JSON.parse(text) as unknown),
    ),
  /** The road ahead of a fitting, and the ways through the years that a stock allows. */
  ahead: (c: Case, stock: StockTexts): AheadView => ({
    asOf: c.today,
    items: roadAhead(c),
    sequences: sequencesAhead(c, stockOf(stock, c.choice.unitId)).map((s) => ({
      ...s,
      legs: s.legs.map(({ model, unit, mode, ...leg }) => ({
        ...leg,
        modelId: model.id,
        modelName: `${model.maker} ${model.name}`,
        modeLabel: mode.label,
        ...(unit && { unitId: unit.id, serial: unit.serial }),
      })),
    })),
  }),
  due: (c: Case): readonly AheadItem[] => roadAhead(c),
  sheet: (c: Case): Promise<Uint8Array> => sheetPdf(c, roadAhead(c)),
  calendar: (id: string, c: Case, updatedAt: string): string => calendarOf(id, c, roadAhead(c), new Date(updatedAt)),
} as const satisfies Record<string, (...args: never[]) => unknown>

export type Tasks = typeof TASKS
export type TaskName = keyof Tasks
