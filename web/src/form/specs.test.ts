import { parseWith } from '@nimble-anchor/core/ground'
import { columnsOfTable } from '@nimble-anchor/core/formats'
import { modelSchema } from '@nimble-anchor/core/restraint'
import { vehicleSchema } from '@nimble-anchor/core/vehicle'
import { RESTRAINT_LABELS } from '../restraints/labels.ts'
import { CAR_LABELS } from '../vehicles/labels.ts'
import * as restraint from '../restraints/specs.ts'
import * as car from '../vehicles/specs.ts'
import type { FieldSpec, PartSpec } from './spec.ts'
import { tidyModel, tidyVehicle } from './tidy.ts'

const RESTRAINT = new Map(columnsOfTable('restraints').map((c) => [c.name, c.kind]))
const CAR = new Map(columnsOfTable('vehicles').map((c) => [c.name, c.kind]))
const KINDS: Record<FieldSpec['kind'], readonly string[]> = {
  text: ['text'],
  pick: ['text'],
  number: ['number'],
  flag: ['boolean'],
  answer: ['boolean'],
  numbers: ['numbers'],
  // Lists of ids stand as JSON in a table, and as words in the form.
  words: ['words', 'json'],
  set: ['words', 'json'],
  many: ['words', 'json'],
  quantity: ['number'],
}
const rows = (level: string, specs: readonly FieldSpec[], inside = '') =>
  specs.map((spec) => [`${level}.${inside}${spec.key}${spec.kind === 'quantity' ? '.value' : ''}`, spec.kind] as const)
const parts = (level: string, specs: readonly PartSpec[]) =>
  specs.flatMap((part) => rows(level, part.fields, `${part.key}.`))

/** The list read from the forms themselves, so that a new field is covered. */
const FIELDS: readonly (readonly [name: string, kind: FieldSpec['kind'], columns: ReadonlyMap<string, string>])[] = [
  ...[
    ...rows('model', restraint.MODEL_FIELDS),
    ...[
      ...restraint.MODE_FIELDS,
      ...restraint.R44_FIELDS,
      ...restraint.R129_FIELDS,
      ...restraint.RANGE_FIELDS,
      ...restraint.BODY_FIELDS,
      ...restraint.STRAP_FIELDS,
      ...restraint.SLOT_FIELDS,
      ...restraint.SPAN_FIELDS,
      ...restraint.MAKERS_FIGURES,
    ].flatMap((spec) => rows('mode', [spec])),
    ...rows('route', restraint.ROUTE_FIELDS),
    ...parts('mode', restraint.MODE_PARTS),
    ...parts('route', restraint.ROUTE_PARTS),
  ].map(([name, kind]) => [name, kind, RESTRAINT] as const),
  ...[
    ...rows('vehicle', car.VEHICLE_FIELDS),
    ...rows('position', [...car.PLACE_FIELDS, ...car.ROOM_FIELDS, ...car.ISOFIX_LETTERS]),
    ...parts('position', [...car.PLACE_PARTS, car.TRACK_PART]),
  ].map(([name, kind]) => [name, kind, CAR] as const),
]

test.each(FIELDS)('the form’s field %s (%s) is one of the format, of its kind', (name, kind, columns) => {
  const known = columns.get(name)
  expect([name, known !== undefined && KINDS[kind].includes(known)]).toEqual([name, true])
})

/** A part as a manual would state it, to try each option of each pick in. */
const WHOLE: Record<string, object> = {
  isofix: { connectors: 'rigid', role: 'holds' },
  leg: { minLengthMm: 300, maxLengthMm: 480, notches: 13, hingeAboveCushionMm: 0, angleFromVerticalDeg: 0 },
  topTether: { use: 'required' },
  lowerTethers: { use: 'required', points: ['ring'] },
  reboundBar: { hasRatchet: true },
  belt: {
    needs: 'three-point',
    path: [{ section: 'lap', mark: 'guide', side: 'left', how: 'under' }],
    lock: { kind: 'tension-only' },
  },
  angleProof: { kind: 'level-line', what: 'The line lies level' },
}
const BELTED = { id: 'route', label: 'By belt', scope: 'universal', belt: WHOLE.belt }
const modelWith = (mode: object, route: object) => ({
  id: 'new',
  maker: 'M',
  name: 'N',
  massKg: 5,
  modes: [
    {
      id: 'mode',
      label: 'Rearward',
      approval: { regulation: 'R129', series: '03' },
      shape: 'seat',
      direction: 'rearward',
      heldBy: 'harness',
      statureCm: { from: 61, to: 105 },
      ...mode,
      routes: [{ ...BELTED, ...route }],
    },
  ],
})
const faultsOf = (model: object): unknown => {
  const parsed = parseWith(modelSchema, tidyModel(model))
  return parsed.ok ? [] : parsed.error
}

test('every option of a pick is one that the format takes', () => {
  const tried = [
    ...restraint.ROUTE_PARTS.map((part) => [part, (value: object) => modelWith({}, { [part.key]: value })] as const),
    ...restraint.MODE_PARTS.map((part) => [part, (value: object) => modelWith({ [part.key]: value }, {})] as const),
  ]
  for (const [part, make] of tried) {
    for (const field of part.fields.filter((f) => f.kind === 'pick' && !f.key.includes('.'))) {
      for (const [option] of field.options ?? []) {
        const faults = faultsOf(make({ ...WHOLE[part.key], [field.key]: option }))
        expect([part.key, field.key, option, faults]).toEqual([part.key, field.key, option, []])
      }
    }
  }
  for (const field of car.PLACE_FIELDS.filter((f) => f.kind === 'pick')) {
    for (const [option] of field.options ?? []) {
      const [first, ...others] = car.NEW_VEHICLE.positions
      const vehicle = {
        ...car.NEW_VEHICLE,
        maker: 'M',
        model: 'N',
        driverSide: 'right',
        positions: [{ ...first, [field.key]: option }, ...others],
      }
      expect([field.key, option, parseWith(vehicleSchema, tidyVehicle(vehicle)).ok]).toEqual([field.key, option, true])
    }
  }
})

test('a new entry is empty: no figure and no kind is filled in, and what is missing is named', () => {
  const draft = { ...restraint.NEW_MODEL, maker: 'M', name: 'N', massKg: 5 }
  const words = JSON.stringify(draft)
  for (const invented of ['R129', 'rearward', 'harness', 'three-point', 'solid', 'recessed', '230', '300'])
    expect(words).not.toContain(invented)
  const faults = faultsOf(draft) as { path: string }[]
  expect(faults.map((f) => f.path)).toEqual(
    expect.arrayContaining(['$.modes[0].label', '$.modes[0].approval', '$.modes[0].shape', '$.modes[0].heldBy']),
  )
  // A part that is said to be there and is not filled in is asked for, not dropped.
  const part = faultsOf(modelWith({}, { leg: {} })) as { path: string }[]
  expect(part.map((f) => f.path)).toContain('$.modes[0].routes[0].leg.minLengthMm')
})

/** Paths of all that can be stated, every index a star: "modes.*.routes.*.leg.notches". */
function leaves(schema: unknown, path = ''): readonly string[] {
  const { def } = schema as { def: Record<string, unknown> }
  const under = (key: string): string => (path === '' ? key : `${path}.${key}`)
  switch (def.type) {
    case 'object':
      return Object.entries(def.shape as object).flatMap(([key, inner]) => leaves(inner, under(key)))
    case 'optional':
    case 'nullable':
    case 'readonly':
      return leaves(def.innerType, path)
    case 'array':
      return leaves(def.element, under('*'))
    case 'union':
      return (def.options as unknown[]).flatMap((option) => leaves(option, path))
    default:
      return [path.replace(/\.\*$/, '')]
  }
}
/** Entered by a part of the form of its own: kinds that are chosen, lists with buttons, tables. */
const OWN_PARTS: readonly string[] = [
  'modes.*.approval.regulation',
  'modes.*.strap.adjuster.kind',
  'modes.*.routes.*.approvedPlaces',
  'modes.*.routes.*.permittedReclines',
  'modes.*.routes.*.settingsBeforePlacing',
  'modes.*.routes.*.stepOrder',
  'modes.*.routes.*.steps.*.pairWith',
  'modes.*.routes.*.steps.*.whileInsert',
  'modes.*.routes.*.staleEdges',
  'modes.*.staleEdges',
  'conversions.*.from',
  'conversions.*.steps.*.pairWith',
  'conversions.*.to',
  'positions.*.handbook.beltGroups',
  'positions.*.handbook.listedModelIds',
]
/** A conversion's steps stand in their order: nothing reads these of them (`aftercare/plans.ts`). */
const UNREAD = /^conversions\.\*\.steps\.\*\.(after|whileInsert|replaces|onlyBefore)$/
/** Given by the program, or said by the choice of a part ("none"). */
const BY_ITSELF = /(^|\.)(id|without|source|on)$/

test.each([
  ['restraint', modelSchema, RESTRAINT_LABELS],
  ['car', vehicleSchema, CAR_LABELS],
])('whatever can be stated of a %s is entered without JSON', (_, schema, labels) => {
  const missing = [...new Set(leaves(schema))].filter(
    (path) =>
      !BY_ITSELF.test(path) &&
      !UNREAD.test(path) &&
      // A figure with its ±, or between two ends, is one field.
      !labels.fields.has(path.replace(/\.(value|plusMinus|from|to)$/, '')) &&
      !labels.fields.has(path) &&
      !OWN_PARTS.some((own) => path === own || path.startsWith(`${own}.`)),
  )
  expect(missing).toEqual([])
})
