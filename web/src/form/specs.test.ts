import { columnsOfTable, modelSchema, parseWith, vehicleSchema } from '@nimble-anchor/core'
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
  numbers: ['numbers'],
  words: ['words'],
}
const rows = (level: string, specs: readonly FieldSpec[], inside = '') =>
  specs.map((spec) => [`${level}.${inside}${spec.key}`, spec.kind] as const)
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
    ].flatMap((spec) => rows('mode', [spec])),
    ...rows('route', restraint.ROUTE_FIELDS),
    ...parts('route', restraint.ROUTE_PARTS),
  ].map(([name, kind]) => [name, kind, RESTRAINT] as const),
  ...[
    ...rows('vehicle', car.VEHICLE_FIELDS),
    ...rows('position', [...car.PLACE_FIELDS, ...car.ROOM_FIELDS, ...car.ISOFIX_LETTERS]),
    ...parts('position', car.PLACE_PARTS),
  ].map(([name, kind]) => [name, kind, CAR] as const),
]

test.each(FIELDS)('the form’s field %s (%s) is one of the format, of its kind', (name, kind, columns) => {
  const known = columns.get(name)
  expect([name, known !== undefined && KINDS[kind].includes(known)]).toEqual([name, true])
})

test('every option of a pick is one that the format takes', () => {
  for (const part of restraint.ROUTE_PARTS) {
    for (const field of part.fields.filter((f) => f.kind === 'pick' && !f.key.includes('.'))) {
      for (const [option] of field.options ?? []) {
        const route = { ...restraint.NEW_ROUTE, [part.key]: { ...part.start, [field.key]: option } }
        const model = {
          ...restraint.NEW_MODEL,
          maker: 'M',
          name: 'N',
          massKg: 5,
          modes: [{ ...restraint.NEW_MODE, statureCm: { from: 61, to: 105 }, routes: [route] }],
        }
        const parsed = parseWith(modelSchema, tidyModel(model))
        expect([part.key, field.key, option, parsed.ok ? [] : parsed.error]).toEqual([part.key, field.key, option, []])
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
        positions: [{ ...first, [field.key]: option }, ...others],
      }
      expect([field.key, option, parseWith(vehicleSchema, tidyVehicle(vehicle)).ok]).toEqual([field.key, option, true])
    }
  }
})
