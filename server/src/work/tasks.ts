import { roadAhead, sequencesAhead, type AheadItem } from '@nimble-anchor/core/ahead'
import { arrangeRequestSchema, type ArrangeResult, arranging } from '@nimble-anchor/core/arrange'
import { type Case } from '@nimble-anchor/core/casefile'
import {
  type AheadView,
  type ReadItem,
  readCatalogue,
  type RideView,
  type TableName,
} from '@nimble-anchor/core/formats'
import { type Fault, FittingId, ok, parseWith, type Result } from '@nimble-anchor/core/ground'
import { readCsv, toCsv } from './csv'
import { seasonFittings, type Season, type SeasonFitting } from './season/season'
import { calendarOf } from './papers/calendar'
import { rideSheet } from './papers/ride-sheet'
import { sheetPdf } from './papers/sheet'
import { stockOf, type StockTexts } from './papers/stock'

/** Well under what a thread is given, so that the answer still comes. */
const ARRANGE_MS = 30_000

/** Told now and then which share is done, 0 to 1. */
export type Tell = (share: number) => void

/** What takes long, each a function of its arguments alone: it runs beside the requests, not among them. */
export const TASKS = {
  readCatalogue: (tell: Tell, document: unknown): Result<readonly ReadItem[], readonly Fault[]> =>
    readCatalogue(document, tell),
  readCsv: (tell: Tell, text: string): Result<readonly ReadItem[], readonly Fault[]> => readCsv(text, tell),
  /** @param texts items as they are stored */
  toCsv: (_: Tell, table: TableName, texts: readonly string[]): string =>
    toCsv(
      table,
      texts.map((text) => JSON.parse(text) as unknown),
    ),
  /** The road ahead of a fitting, and the ways through the years that a stock allows. */
  ahead: (tell: Tell, c: Case, stock: StockTexts): AheadView => ({
    asOf: c.today,
    items: roadAhead(c),
    sequences: sequencesAhead(c, stockOf(stock, c.choice.unitId), undefined, tell).map((s) => ({
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
  /** Who sits where; told the best found so far where it takes longer than anybody would wait. */
  arrange: (tell: Tell, document: unknown): Result<ArrangeResult, readonly Fault[]> => {
    const parsed = parseWith(arrangeRequestSchema, document)
    if (!parsed.ok) return parsed
    const steps = arranging(parsed.value)
    const until = Date.now() + ARRANGE_MS
    for (;;) {
      const step = steps.next(Date.now() > until ? 'stop' : undefined)
      if (step.done === true) return ok(step.value)
      tell(step.value.share)
    }
  },
  due: (_: Tell, c: Case): readonly AheadItem[] => roadAhead(c),
  season: (_: Tell, season: Season, from: number, count: number): readonly SeasonFitting[] =>
    seasonFittings(season, from, count),
  sheet: (_: Tell, c: Case, locale?: string): Promise<Uint8Array> => sheetPdf(c, roadAhead(c), locale),
  rideSheet: (_: Tell, view: RideView, cases: readonly Case[]): Promise<Uint8Array> => rideSheet(view, cases),
  calendar: (_: Tell, id: string, c: Case, updatedAt: string): string =>
    calendarOf(FittingId(id), c, roadAhead(c), new Date(updatedAt)),
} as const satisfies Record<string, (tell: Tell, ...args: never[]) => unknown>

export type Tasks = typeof TASKS
export type TaskName = keyof Tasks
/** What a task is given, beside somebody to tell. */
export type TaskArgs<K extends TaskName> = Tasks[K] extends (tell: Tell, ...args: infer A) => unknown ? A : never
