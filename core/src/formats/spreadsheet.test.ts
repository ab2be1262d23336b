import { ModelId } from '../ground/index.ts'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import { buildMode, buildModel, buildRoute, buildUnit, buildVehicle, BELT_ROUTE, FORWARD } from '../../test/build.ts'
import {
  catalogueSchema,
  columnsOfTable,
  fromTable,
  parseWith,
  readCatalogue,
  readTable,
  tableOfHeader,
  TABLE_KIND,
  TABLE_NAMES,
  toTable,
  type TableName,
} from '../index.ts'

const demo = (file: string) => JSON.parse(readFileSync(join(__dirname, '../../../demo', file), 'utf8')) as unknown
const normal = (file: string) => {
  const parsed = parseWith(catalogueSchema, demo(file))
  if (!parsed.ok) throw new Error('The demo is not valid')
  return parsed.value
}
const ITEMS: Record<TableName, readonly unknown[]> = {
  restraints: normal('restraints.json').models!,
  units: normal('restraints.json').units!,
  vehicles: normal('pool-cars.json').vehicles!,
}
const read = (table: TableName, rows: readonly (readonly string[])[]) => {
  const result = fromTable(table, rows)
  if (!result.ok) throw new Error(JSON.stringify(result.error))
  return result.value
}

test.each(TABLE_NAMES)('the demo’s %s go through their table and come back byte for byte', (table) => {
  const rows = toTable(table, ITEMS[table])
  const back = read(table, rows)
  expect(back.flatMap((b) => b.faults)).toEqual([])
  expect(JSON.stringify(back.map((b) => b.item))).toBe(JSON.stringify(ITEMS[table]))
  expect(
    toTable(
      table,
      back.map((b) => b.item),
    ),
  ).toEqual(rows)
  expect(tableOfHeader(rows[0]!)).toBe(table)
})

test('any model of ours comes back the same, whatever it states', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.2, max: 30, noNaN: true }),
      fc.option(fc.integer({ min: 1, max: 25 }), { nil: undefined }),
      fc.uniqueArray(fc.integer({ min: 50, max: 800 }), { minLength: 1, maxLength: 12 }),
      fc.stringMatching(/^[A-Za-z0-9 ,;"'’–é\n]{1,40}$/).filter((s) => s.trim() === s && s !== ''),
      fc.boolean(),
      (massKg, lifeYears, heightsMm, name, isByBelt) => {
        const mode = buildMode({
          strap: { adjuster: { kind: 'slots', heightsMm } },
          routes: [isByBelt ? BELT_ROUTE : buildRoute()],
        })
        const parts = { massKg, lifeYears, name, note: ` ${name}\n` }
        const model = JSON.parse(JSON.stringify(buildModel([mode, buildMode(FORWARD)], parts)))
        const [back] = read('restraints', toTable('restraints', [model]))
        expect(back!.faults).toEqual([])
        expect(back!.item).toEqual(model)
      },
    ),
    { seed: 41, numRuns: 100 },
  )
})

test('cells of model and mode may be left empty after their first line', () => {
  const rows = toTable('restraints', [buildModel([buildMode({ routes: [buildRoute(), BELT_ROUTE] })])])
  const [header, first, second] = rows as [string[], string[], string[]]
  const lean = second.map((cell, i) => (header[i]!.startsWith('route.') ? cell : ''))
  expect(read('restraints', [header, first, lean])).toEqual(read('restraints', rows))
})

const unit = (over: Record<string, string>) => {
  const row = { 'unit.id': 'u-1', 'unit.modelId': 'halyard', 'unit.serial': 'S', ...over }
  return [Object.keys(row), Object.values(row)]
}
const model = (change: (header: string[], line: string[]) => void) => {
  const [header, line] = toTable('restraints', [buildModel()]).map((r) => [...r]) as [string[], string[]]
  change(header, line)
  return [header, line]
}
const setCell = (column: string, value: string) =>
  model((header, line) => {
    line[header.indexOf(column)] = value
  })

test.each<[string, TableName, readonly (readonly string[])[], object]>([
  [
    'a day that is none',
    'units',
    unit({ 'unit.madeOn': 'soon' }),
    { row: 2, column: 'unit.madeOn', value: 'soon', message: 'must be a day as YYYY-MM-DD' },
  ],
  [
    'neither true nor false',
    'units',
    unit({ 'unit.isRecalled': 'maybe' }),
    { row: 2, column: 'unit.isRecalled', value: 'maybe', message: 'must be true or false' },
  ],
  [
    'no number',
    'restraints',
    setCell('model.massKg', 'heavy'),
    { row: 2, column: 'model.massKg', value: 'heavy', message: 'must be a number' },
  ],
  [
    'over the limit',
    'restraints',
    setCell('model.massKg', '31'),
    { row: 2, column: 'model.massKg', value: '31', message: 'must be at most 30' },
  ],
  [
    'a list with a word in it',
    'restraints',
    setCell('mode.strap.adjuster.heightsMm', '230 high'),
    {
      row: 2,
      column: 'mode.strap.adjuster.heightsMm',
      value: '230 high',
      message: 'must be numbers with spaces between',
    },
  ],
  [
    'a slot out of reach',
    'restraints',
    setCell('mode.strap.adjuster.heightsMm', '230 900'),
    { row: 2, column: 'mode.strap.adjuster.heightsMm', value: '230 900' },
  ],
  [
    'a deeper list that is no JSON',
    'restraints',
    setCell('mode.reclines', '[oops'),
    { row: 2, column: 'mode.reclines', message: 'must be JSON' },
  ],
  [
    'an unknown word',
    'restraints',
    setCell('mode.direction', 'sideways'),
    { row: 2, column: 'mode.direction', value: 'sideways' },
  ],
])('%s: row, column, value and limit are said', (_, table, rows, fault) => {
  expect(read(table, rows)[0]!.faults).toEqual([expect.objectContaining(fault)])
})

test('a line that contradicts the one before names both; a line twice is refused', () => {
  const rows = toTable('restraints', [buildModel([buildMode({ routes: [buildRoute(), BELT_ROUTE] })])]).map((r) => [
    ...r,
  ])
  const at = rows[0]!.indexOf('model.massKg')
  rows[2]![at] = '15'
  expect(read('restraints', rows)[0]!.faults).toEqual([
    { row: 3, column: 'model.massKg', value: '15', message: 'row 2 says "14"' },
  ])
  const twice = toTable('units', [buildUnit()])
  expect(read('units', [...twice, twice[1]!])[0]!.faults).toEqual([
    expect.objectContaining({ row: 3, column: 'unit.id', message: 'stands on row 2 already' }),
  ])
})

test('a header with a stranger, a double or a missing id makes the table unreadable', () => {
  const result = fromTable('units', [['unit.id', 'unit.id', 'unit.colour']])
  expect(result).toMatchObject({
    ok: false,
    error: [
      { column: 'unit.id', message: 'stands twice' },
      { column: 'unit.colour', message: 'is not a column of the table of units' },
    ],
  })
  expect(fromTable('restraints', [['model.id']])).toMatchObject({ ok: false })
  expect(tableOfHeader(['colour'])).toBeUndefined()
})

test('every column has its own name, and none of them is a level’s list of children', () => {
  for (const table of TABLE_NAMES) {
    const names = columnsOfTable(table).map((c) => c.name)
    expect(new Set(names).size).toBe(names.length)
    expect(names).not.toEqual(expect.arrayContaining(['model.modes', 'mode.routes', 'vehicle.positions']))
  }
})

test('a catalogue is read item by item: the bad one is rejected, the others stand, lints are said', () => {
  const data = JSON.parse(
    JSON.stringify({
      format: 'nimble-anchor/catalogue',
      version: 1,
      models: [
        buildModel(),
        { id: 'broken' },
        buildModel([buildMode({ ...FORWARD, statureCm: { from: 75, to: 105 } })], { id: ModelId('early') }),
      ],
      vehicles: [buildVehicle(), buildVehicle()],
    }),
  ) as unknown
  const result = readCatalogue(data)
  if (!result.ok) throw new Error('readable')
  expect(result.value.map((r) => [r.kind, r.id, r.faults.length > 0, r.lints.length])).toEqual([
    ['vehicles', 'corran-plover', false, 0],
    ['vehicles', 'corran-plover', true, 0],
    ['models', 'halyard', false, 0],
    ['models', 'broken', true, 0],
    ['models', 'early', false, 1],
  ])
  expect(result.value[3]!.faults[0]!.path).toBe('$.models[1].maker')
  expect(readCatalogue({ format: 'other' })).toMatchObject({ ok: false })
})

test('a table is read the same way, by row', () => {
  const result = readTable('units', unit({ 'unit.madeOn': 'soon' }))
  expect(result).toMatchObject({
    ok: true,
    value: [{ kind: TABLE_KIND.units, id: 'u-1', where: 'row 2', faults: [{ path: 'row 2, column unit.madeOn' }] }],
  })
})
