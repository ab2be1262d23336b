import { z } from 'zod'
import { daySchema, parseWith, type Fault, err, ok, type Result } from '../ground/index.ts'
import { CASE_VERSION, datedChild, upgradeCatalogue } from '../casefile/index.ts'
import { childSchema, type Child } from '../child/index.ts'
import { lintModel } from '../readings/index.ts'
import { modelSchema, unitSchema, type RestraintModel } from '../restraint/index.ts'
import { lintVehicle, vehicleSchema, type Vehicle } from '../vehicle/index.ts'
import { CATALOGUE_FORMAT } from './catalogue.ts'
import { fromTable, toFault, TABLE_KIND, type CellFault, type TableName } from './spreadsheet.ts'
import * as msg from './messages.en.ts'

/** What may be imported, in the order in which it must be stored. */
const CATALOGUE_KINDS = ['vehicles', 'models', 'units', 'children'] as const
export type CatalogueKind = (typeof CATALOGUE_KINDS)[number]

const SCHEMAS = { vehicles: vehicleSchema, models: modelSchema, units: unitSchema, children: childSchema } as const

/** One item of a file, judged on its own: a bad one does not hide the others. */
export interface ReadItem {
  readonly kind: CatalogueKind
  readonly id: string
  /** Normalised: fields in the order of the schema, nothing unknown. */
  readonly item: { readonly id: string }
  /** Where it stands in the file: a JSON path, or a row. */
  readonly where: string
  readonly faults: readonly Fault[]
  /** Where a model contradicts its regulation, or a car itself: imported and flagged. */
  readonly lints: readonly string[]
}

/** So many of a kind one file may hold: ten times the largest shelf that we heard of. Larger ones are split. */
const MOST = { vehicles: 2000, models: 2000, units: 10_000, children: 10_000 } as const satisfies Record<
  CatalogueKind,
  number
>
/** Rows of a table: a model has some routes, a car some places. */
const MOST_ROWS = 20_000

const many = (most: number) => z.array(z.unknown()).max(most).optional()
const envelopeSchema = z.strictObject({
  format: z.literal(CATALOGUE_FORMAT),
  version: z.literal(CASE_VERSION),
  asOf: daySchema.optional(),
  vehicles: many(MOST.vehicles),
  models: many(MOST.models),
  units: many(MOST.units),
  children: many(MOST.children),
})

function lintsOf(kind: CatalogueKind, item: unknown): readonly string[] {
  const lints =
    kind === 'models' ? lintModel(item as RestraintModel) : kind === 'vehicles' ? lintVehicle(item as Vehicle) : []
  return lints.map((l) => `${l.path}: ${l.message}`)
}

/**
 * Reads a catalogue item by item; the error is for a file that is no catalogue at all.
 *
 * @param tell is told before each item which share is read, 0 to 1
 */
export function readCatalogue(
  data: unknown,
  tell: (share: number) => void = () => undefined,
): Result<readonly ReadItem[], readonly Fault[]> {
  const envelope = parseWith(envelopeSchema, upgradeCatalogue(data))
  if (!envelope.ok) return envelope
  const total = CATALOGUE_KINDS.reduce((sum, kind) => sum + (envelope.value[kind]?.length ?? 0), 0)
  let done = 0
  return ok(
    CATALOGUE_KINDS.flatMap((kind) => {
      const seen = new Set<string>()
      return (envelope.value[kind] ?? []).map((raw, i): ReadItem => {
        tell(done++ / total)
        const where = `$.${kind}[${i}]`
        const parsed = parseWith<{ id: string }>(SCHEMAS[kind] as unknown as z.ZodType<{ id: string }>, raw)
        if (!parsed.ok) {
          const id =
            typeof raw === 'object' && raw !== null && 'id' in raw && typeof raw.id === 'string'
              ? raw.id
              : `number ${i + 1}`
          const faults = parsed.error.map((f) => ({ path: f.path.replace('$', where), message: f.message }))
          return { kind, id, item: { id }, where, faults, lints: [] }
        }
        const { id } = parsed.value
        const faults = seen.has(id) ? [{ path: `${where}.id`, message: msg.isUsedTwice(id) }] : []
        seen.add(id)
        const { asOf } = envelope.value
        // A measure without a day of its own is as old as its file says it is.
        const item = kind === 'children' && asOf !== undefined ? datedChild(parsed.value as Child, asOf) : parsed.value
        return { kind, id, item, where, faults, lints: lintsOf(kind, parsed.value) }
      })
    }),
  )
}

/** The same of a table, header first. */
export function readTable(
  table: TableName,
  rows: readonly (readonly string[])[],
  tell?: (share: number) => void,
): Result<readonly ReadItem[], readonly CellFault[]> {
  const kind = TABLE_KIND[table]
  const count = rows.length - 1
  if (count > MOST_ROWS)
    return err([{ row: 1, column: '1', value: '', message: msg.rowsFollowAFileHolds(count, MOST_ROWS) }])
  const read = fromTable(table, rows, tell)
  if (!read.ok) return err(read.error)
  if (read.value.length > MOST[kind]) {
    const message = msg.standInItAFile(read.value.length, kind, MOST[kind])
    return err([{ row: 1, column: '1', value: '', message }])
  }
  return ok(
    read.value.map(({ id, row, item, faults }) => ({
      kind,
      id,
      item: item as { id: string },
      where: `row ${row}`,
      faults: faults.map(toFault),
      lints: faults.length > 0 ? [] : lintsOf(kind, item),
    })),
  )
}
