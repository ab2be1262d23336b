import { z } from 'zod'
import { parseWith, type Fault } from '../ground/index.ts'
import { err, ok, type Result } from '../ground/index.ts'
import { modelSchema, modeSchema, routeSchema, unitSchema } from '../restraint/index.ts'
import { positionSchema, vehicleSchema } from '../vehicle/index.ts'
import * as msg from './messages.en.ts'

/**
 * Catalogues as tables: one line a route (or a unit, or a seating position),
 * the cells of the model and the mode it belongs to repeated on each line or
 * left empty after the first. Columns are dotted paths; lists of figures or of
 * letters stand in one cell with spaces between, deeper lists as JSON. An
 * empty cell is a thing not stated.
 */

type ColumnKind = 'number' | 'boolean' | 'text' | 'numbers' | 'words' | 'json'
interface Column {
  /** "mode.statureCm.from". */
  readonly name: string
  readonly level: number
  readonly path: readonly string[]
  readonly kind: ColumnKind
}

interface Level {
  readonly name: string
  readonly schema: z.ZodType
  /** Where this level's items stand in the one above. */
  readonly within?: string
}

const LEVELS = {
  restraints: [
    { name: msg.model, schema: modelSchema },
    { name: msg.mode, schema: modeSchema, within: 'modes' },
    { name: msg.route, schema: routeSchema, within: 'routes' },
  ],
  units: [{ name: msg.unit, schema: unitSchema }],
  vehicles: [
    { name: msg.vehicle, schema: vehicleSchema },
    { name: msg.position, schema: positionSchema, within: 'positions' },
  ],
} as const satisfies Record<string, readonly Level[]>

export type TableName = keyof typeof LEVELS
export const TABLE_NAMES = Object.keys(LEVELS) as TableName[]
export const TABLE_KIND = { restraints: 'models', units: 'units', vehicles: 'vehicles' } as const

type Json = Record<string, unknown>
interface Node {
  readonly $ref?: string
  readonly type?: string
  readonly properties?: Record<string, Node>
  readonly anyOf?: readonly Node[]
  readonly oneOf?: readonly Node[]
  readonly allOf?: readonly Node[]
  readonly items?: Node
  readonly enum?: readonly unknown[]
  readonly const?: unknown
}

function columnsOf(schema: z.ZodType, level: number, prefix: string, without: string | undefined): readonly Column[] {
  const root = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as Node & {
    $defs?: Record<string, Node>
  }
  const resolve = (node: Node): Node =>
    node.$ref === undefined ? node : (root.$defs?.[node.$ref.replace('#/$defs/', '')] ?? {})
  const columns = new Map<string, Column>()
  const walk = (given: Node, path: readonly string[]): void => {
    const node = resolve(given)
    const variants = node.oneOf ?? node.anyOf ?? node.allOf
    if (variants) return variants.forEach((v) => walk(v, path))
    if (node.properties) {
      for (const [key, child] of Object.entries(node.properties)) {
        if (path.length > 0 || key !== without) walk(child, [...path, key])
      }
      return
    }
    const name = [prefix, ...path].join('.')
    if (!columns.has(name)) columns.set(name, { name, level, path, kind: kindOf(node, resolve) })
  }
  walk(root, [])
  return [...columns.values()]
}

function kindOf(node: Node, resolve: (node: Node) => Node): ColumnKind {
  if (node.type === 'array') {
    const items = resolve(node.items ?? {})
    if (items.type === 'number' || items.type === 'integer') return 'numbers'
    return items.enum ? 'words' : 'json'
  }
  if (node.type === 'number' || node.type === 'integer' || typeof node.const === 'number') return 'number'
  if (node.type === 'boolean' || typeof node.const === 'boolean') return 'boolean'
  return 'text'
}

const known = new Map<TableName, readonly Column[]>()

/** Every column a table may have, in the order of the documents. */
export function columnsOfTable(table: TableName): readonly Column[] {
  const before = known.get(table)
  if (before) return before
  const levels: readonly Level[] = LEVELS[table]
  const columns = levels.flatMap(({ schema, name }, i) => columnsOf(schema, i, name, levels[i + 1]?.within))
  known.set(table, columns)
  return columns
}

const valueAt = (item: unknown, path: readonly string[]): unknown =>
  path.reduce<unknown>((x, key) => (typeof x === 'object' && x !== null ? (x as Json)[key] : undefined), item)

/** A list that is known to hold nothing: another thing than a list nobody has stated. */
const NONE = '[]'

function toCell(value: unknown, kind: ColumnKind): string {
  if (value === undefined || value === null) return ''
  switch (kind) {
    case 'numbers':
    case 'words':
      return (value as readonly unknown[]).join(' ') || NONE
    case 'json':
      return JSON.stringify(value)
    default:
      return String(value)
  }
}

/** The table of some items, header first; columns that no item uses are left out. */
export function toTable(table: TableName, items: readonly unknown[]): readonly (readonly string[])[] {
  const levels: readonly Level[] = LEVELS[table]
  const lines: (readonly unknown[])[] = []
  const descend = (chain: readonly unknown[]): void => {
    const next = levels[chain.length]
    if (!next) return void lines.push(chain)
    for (const child of (chain.at(-1) as Json)[next.within ?? ''] as readonly unknown[]) descend([...chain, child])
  }
  items.forEach((item) => descend([item]))
  const columns = columnsOfTable(table).filter((c) =>
    lines.some((line) => valueAt(line[c.level], c.path) !== undefined),
  )
  return [
    columns.map((c) => c.name),
    ...lines.map((line) => columns.map((c) => toCell(valueAt(line[c.level], c.path), c.kind))),
  ]
}

/** One cell that cannot be taken: where, what stands there, and why not. Rows count from 1, the header. */
export interface CellFault {
  readonly row: number
  readonly column: string
  readonly value: string
  readonly message: string
}

/** The same as any other fault: its path is the row and the column. */
export const toFault = ({ row, column, value, message }: CellFault): Fault => ({
  path: msg.rowAndColumn(row, column),
  message: value === '' ? message : msg.got(message, value),
})

/** One item read from a table: what it is, or the cells that spoil it. */
export interface TableItem {
  readonly id: string
  /** First of its rows. */
  readonly row: number
  readonly item: Json
  readonly faults: readonly CellFault[]
}

function fromCell(text: string, kind: ColumnKind): Result<unknown, string> {
  const number = (x: string): number => (/^-?\d+([.,]\d+)?$/.test(x) ? Number(x.replace(',', '.')) : Number.NaN)
  switch (kind) {
    case 'number':
      return Number.isNaN(number(text)) ? err(msg.mustBeANumber) : ok(number(text))
    case 'boolean':
      return /^(true|false)$/i.test(text) ? ok(/^true$/i.test(text)) : err(msg.mustBeTrueOrFalse)
    case 'numbers': {
      if (text === NONE) return ok([])
      const all = text.split(/\s+/).map(number)
      return all.some(Number.isNaN) ? err(msg.mustBeNumbersWithSpaces) : ok(all)
    }
    case 'words':
      return ok(text === NONE ? [] : text.split(/\s+/))
    case 'json':
      try {
        return ok(JSON.parse(text))
      } catch {
        return err(msg.mustBeJson)
      }
    case 'text':
      return ok(text)
  }
}

function put(target: Json, path: readonly string[], value: unknown): void {
  const [key, ...rest] = path as [string, ...string[]]
  if (rest.length === 0) target[key] = value
  else put((target[key] ??= {}) as Json, rest, value)
}

/** Items of one level in the order in which they began, and by id: a table of many rows is looked through once. */
class Siblings {
  readonly all: Open[] = []
  readonly #byId = new Map<string, Open>()
  get(id: string): Open | undefined {
    return this.#byId.get(id)
  }
  get newest(): Open | undefined {
    return this.all.at(-1)
  }
  begin(id: string, row: number): Open {
    const open: Open = { id, row, item: {}, children: new Siblings(), cells: new Map() }
    this.all.push(open)
    this.#byId.set(id, open)
    return open
  }
}

/** An item being read, with the row it began on. */
interface Open {
  readonly id: string
  readonly row: number
  readonly item: Json
  readonly children: Siblings
  /** Cells taken so far by column name, to notice a row that says otherwise. */
  readonly cells: Map<string, { readonly text: string; readonly row: number }>
}

/** Which table a header belongs to, by its first level's id; `undefined` when by none. */
export const tableOfHeader = (header: readonly string[]): TableName | undefined =>
  TABLE_NAMES.find((t) => header.includes(`${(LEVELS[t][0] as Level).name}.id`))

/**
 * Reads a table. Faults of the header alone make the whole unreadable; faults
 * of cells spoil their item only. `rows` holds the header first.
 */
export function fromTable(
  table: TableName,
  rows: readonly (readonly string[])[],
  tell: (share: number) => void = () => undefined,
): Result<readonly TableItem[], readonly CellFault[]> {
  const levels: readonly Level[] = LEVELS[table]
  const [header = [], ...lines] = rows
  const byName = new Map(columnsOfTable(table).map((c) => [c.name, c]))
  const place = new Map<string, number>()
  header.forEach((name, i) => place.has(name) || place.set(name, i))
  const headerFaults = header.flatMap((name, i): CellFault[] =>
    !byName.has(name)
      ? [{ row: 1, column: name, value: '', message: msg.isNotAColumnOf(table) }]
      : place.get(name) !== i
        ? [{ row: 1, column: name, value: '', message: msg.standsTwice }]
        : [],
  )
  for (const { name } of levels) {
    if (!place.has(`${name}.id`)) headerFaults.push({ row: 1, column: `${name}.id`, value: '', message: msg.isMissing })
  }
  if (headerFaults.length > 0) return err(headerFaults)

  const atDepth = levels.map((_, depth) =>
    header.flatMap((name, i) => {
      const column = byName.get(name)
      return column?.level === depth ? [{ column, i }] : []
    }),
  )
  const roots = new Siblings()
  const faults = new Map<Open, CellFault[]>()
  const blame = (root: Open, fault: CellFault): void => {
    const own = faults.get(root)
    if (own) own.push(fault)
    else faults.set(root, [fault])
  }

  lines.forEach((line, i) => {
    tell(i / lines.length)
    const row = i + 2
    const cell = (name: string): string => (line[place.get(name) ?? -1] ?? '').trim()
    let siblings = roots
    let root: Open | undefined
    for (const [depth, { name }] of levels.entries()) {
      const id = cell(`${name}.id`) || (siblings.newest?.id ?? '')
      let open = siblings.get(id)
      if (!open) {
        open = siblings.begin(id, row)
      } else if (depth === levels.length - 1) {
        root ??= open
        blame(root, { row, column: `${name}.id`, value: id, message: msg.standsOnRowAlready(open.row) })
        return
      }
      root ??= open
      for (const { column, i: at } of atDepth[depth] ?? []) {
        // A note is kept as it was written; everything else loses the spaces that spreadsheets leave.
        const raw = line[at] ?? ''
        const text = column.path.at(-1) === 'note' ? raw : raw.trim()
        if (text === '') continue
        const before = open.cells.get(column.name)
        if (before && before.text !== text)
          blame(root, { row, column: column.name, value: text, message: msg.rowSays(before.row, before.text) })
        if (before) continue
        open.cells.set(column.name, { text, row })
        const value = fromCell(text, column.kind)
        if (value.ok) put(open.item, column.path, value.value)
        else blame(root, { row, column: column.name, value: text, message: value.error })
      }
      siblings = open.children
    }
  })

  return ok(
    roots.all.map((root): TableItem => {
      const item = assemble(root, levels)
      const own = faults.get(root) ?? []
      const parsed = parseWith((levels[0] as Level).schema, item)
      const bySchema = parsed.ok || own.length > 0 ? [] : parsed.error.map((f) => locate(f, root, levels))
      return {
        id: root.id,
        row: root.row,
        item: parsed.ok ? (parsed.value as Json) : item,
        faults: [...own, ...bySchema],
      }
    }),
  )
}

function assemble(open: Open, levels: readonly Level[]): Json {
  const next = levels[1]
  return next?.within
    ? { ...open.item, [next.within]: open.children.all.map((c) => assemble(c, levels.slice(1))) }
    : open.item
}

/** The row and column of a fault that the schema found by its JSON path. */
function locate(fault: Fault, root: Open, levels: readonly Level[]): CellFault {
  let rest = fault.path.replace(/^\$\.?/, '')
  let open = root
  let depth = 0
  for (const next of levels.slice(1)) {
    const match = new RegExp(`^${next.within}\\[(\\d+)\\]\\.?`).exec(rest)
    const child = match && open.children.all[Number(match[1])]
    if (!match || !child) break
    open = child
    depth += 1
    rest = rest.slice(match[0].length)
  }
  const column = [levels[depth]?.name, rest].filter(Boolean).join('.')
  // A fault inside a list stands in the list's one cell.
  const held = [...open.cells.keys()].find(
    (name) => column === name || column.startsWith(`${name}[`) || column.startsWith(`${name}.`),
  )
  const at = held === undefined ? undefined : open.cells.get(held)
  return { row: at?.row ?? open.row, column: held ?? column, value: at?.text ?? '', message: fault.message }
}
