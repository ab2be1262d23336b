import { buildCase, buildChild, buildModel, buildUnit, buildVehicle } from '../../test/build.ts'
import {
  CASE_FORMAT,
  CATALOGUE_FORMAT,
  catalogueSchema,
  CASE_VERSION,
  caseSchema,
  faultText,
  jsonSchemas,
  openApiSchemas,
  parseWith,
} from '../index.ts'

const catalogue = {
  format: CATALOGUE_FORMAT,
  version: CASE_VERSION,
  vehicles: [buildVehicle()],
  models: [buildModel()],
  units: [buildUnit()],
  children: [buildChild()],
}
const faults = (data: unknown) => {
  const parsed = parseWith(catalogueSchema, data)
  return parsed.ok ? [] : parsed.error.map(faultText)
}

test('a catalogue of everything is valid, so is an empty one', () => {
  expect(faults(JSON.parse(JSON.stringify(catalogue)))).toEqual([])
  expect(faults({ format: CATALOGUE_FORMAT, version: CASE_VERSION })).toEqual([])
})

test.each([
  [{ ...catalogue, children: [buildChild(), buildChild()] }, '$.children[1].id "kit-amber" is used twice'],
  [
    { ...catalogue, vehicles: [{ ...buildVehicle(), positions: [] }] },
    '$.vehicles[0].positions must hold at least 1 item',
  ],
  [{ ...catalogue, format: CASE_FORMAT }, '$.format must be one of "nimble-anchor/catalogue"'],
  [{ ...catalogue, version: 4 }, '$.version must be one of 3'],
  [{ ...catalogue, colours: [] }, '$.colours is not a known field'],
  [{ ...catalogue, asOf: 'today' }, '$.asOf must be a day as YYYY-MM-DD'],
  [{ ...catalogue, units: [buildUnit({ serial: '' })] }, '$.units[0].serial must hold at least 1 character'],
  [{ ...catalogue, models: [buildModel(undefined, { massKg: 31 })] }, '$.models[0].massKg must be at most 30'],
  [{ ...catalogue, models: [buildModel(undefined, { massKg: 0.1 })] }, '$.models[0].massKg must be at least 0.2'],
  ['not even an object', '$ must be an object'],
])('fault %#: %s', (data, fault) => {
  expect(faults(JSON.parse(JSON.stringify(data)))).toContain(fault)
})

test('a route without ISOFIX and belt, a booster without a belt, an id used twice', () => {
  const model = structuredClone(buildModel())
  const mode = model.modes[0]!
  const { isofix: _isofix, ...bare } = mode.routes[0]!
  const broken = {
    ...model,
    modes: [
      { ...mode, routes: [bare, bare] },
      { ...mode, heldBy: 'vehicle-belt' },
    ],
  }
  expect(faults({ ...catalogue, models: [broken] })).toEqual([
    '$.models[0].modes[0].routes[0] needs "isofix" or "belt"',
    '$.models[0].modes[0].routes[1].id "isofix-leg" is used twice',
    '$.models[0].modes[0].routes[1] needs "isofix" or "belt"',
    '$.models[0].modes[1].id "rearward" is used twice',
    '$.models[0].modes[1].routes[0].belt a mode held by the vehicle belt needs it',
  ])
})

test('the published schemas name every field of the documents, refuse others, and carry the limits', () => {
  interface Published {
    $ref: string
    $defs: Record<string, { properties: Record<string, unknown>; additionalProperties: boolean }>
  }
  const schemas = jsonSchemas() as Record<string, Published>
  const { $ref, $defs } = schemas['case.schema.json']!
  expect($ref).toBe('#/$defs/Case')
  expect(Object.keys($defs.Case!.properties)).toEqual(Object.keys(caseSchema.shape))
  expect(Object.values($defs).every((d) => d.additionalProperties === false)).toBe(true)
  expect(JSON.stringify($defs.Child)).toContain('"maximum":80')
  for (const field of Object.keys(buildCase())) expect($defs.Case!.properties).toHaveProperty(field)
  expect(Object.keys(schemas['catalogue.schema.json']!.$defs.Catalogue!.properties)).toEqual(
    Object.keys(catalogueSchema.shape),
  )
})

test('for OpenAPI the same schemas stand by name, with references among the components', () => {
  const named = openApiSchemas()
  expect(Object.keys(named)).toEqual(
    expect.arrayContaining(['Case', 'Catalogue', 'Child', 'Vehicle', 'RestraintModel']),
  )
  expect(JSON.stringify(named)).not.toContain('#/$defs/')
})
