import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import {
  catalogueSchema,
  DEFAULT_LOCAL_RULE,
  DEFAULT_PRACTICE,
  faultText,
  lintModel,
  matchModes,
  matchPlaces,
  measured,
  parseWith,
  type Catalogue,
} from '../src/index.ts'

const load = (file: string): Catalogue => {
  const parsed = parseWith(catalogueSchema, JSON.parse(readFileSync(join(__dirname, '../../demo', file), 'utf8')))
  if (!parsed.ok) throw new Error(parsed.error.map(faultText).join('\n'))
  return parsed.value
}
const families = load('families.json')
const cars = load('pool-cars.json')
const shelf = load('restraints.json')

const today = families.asOf!
const child = (id: string) => families.children!.find((c) => c.id === id)!
const vehicle = (id: string) => cars.vehicles!.find((v) => v.id === id)!
const stock = shelf.units!.map((unit) => ({ unit, model: shelf.models!.find((m) => m.id === unit.modelId)! }))
const circumstances = (id: string) => ({
  today,
  child: child(id),
  practice: DEFAULT_PRACTICE,
  localRule: DEFAULT_LOCAL_RULE,
})
const matchFor = (id: string) => matchModes(circumstances(id), stock)
const decision = (childId: string, unitId: string, modeId: string) => {
  const m = matchFor(childId).find((x) => x.unit?.id === unitId && x.mode.id === modeId)
  return m && { decision: m.decision, by: m.deciding?.rule.id, advised: m.isAdvisedAgainst }
}
const places = (childId: string, modelId: string, modeId: string, vehicleId: string) => {
  const item = stock.find((s) => s.model.id === modelId)!
  const mode = item.model.modes.find((m) => m.id === modeId)!
  return Object.fromEntries(
    matchPlaces(circumstances(childId), vehicle(vehicleId), { ...item, mode }).map((p) => [
      p.position.id,
      { decision: p.decision, by: p.routes[0]?.findings[0]?.rule.id },
    ]),
  )
}

test('as many of each as the shelf, the pool and the slipway have', () => {
  expect(families.children!.length).toBeGreaterThanOrEqual(8)
  expect(cars.vehicles!.length).toBeGreaterThanOrEqual(6)
  expect(shelf.models!.length).toBeGreaterThanOrEqual(12)
})

test('overlaps are choices, not errors: 12 kg, 78 cm and 16 months may use many modes of both regulations', () => {
  const toddler = { ...child('tamsin-hale'), massKg: measured(12, 0.1), statureCm: measured(78, 0.5) }
  const permitted = matchModes({ ...circumstances('tamsin-hale'), child: toddler }, stock).filter(
    (m) => m.decision === 'pass',
  )
  expect(new Set(permitted.map((m) => m.mode.approval.regulation))).toEqual(new Set(['R44', 'R129']))
  expect(new Set(permitted.map((m) => m.mode.direction))).toEqual(new Set(['rearward', 'forward']))
  expect(permitted.length).toBeGreaterThanOrEqual(8)
})

test('the 16-month-old: height and age say yes to forward, the profile says stay rearward', () => {
  expect(decision('tamsin-hale', 'u-sheepshank-1', 'forward')).toMatchObject({ decision: 'pass', advised: true })
  expect(matchFor('tamsin-hale')[0]?.mode.direction).toBe('rearward')
})

test('the tall four-year-old is past 33 kg with one restraint and not with another', () => {
  expect(decision('osric-penn', 'u-sheepshank-1', 'rearward')).toMatchObject({ decision: 'fail' })
  const sums = matchFor('osric-penn').flatMap((m) =>
    m.routes.flatMap((r) =>
      r.findings.filter((f) => f.rule.id === 'isofix-mass-sum').map((f) => [m.model.id, f.outcome.kind]),
    ),
  )
  expect(sums).toContainEqual(['ravel-sheepshank', 'fail'])
  expect(sums).toContainEqual(['ravel-carrick', 'pass'])
})

test('the preterm twins: lie-flat permitted, the infant shell for the other, as advised', () => {
  expect(decision('fin-carrow', 'u-marlinspike-1', 'lie-flat')).toMatchObject({ decision: 'pass', advised: false })
  expect(decision('una-carrow', 'u-bowline-1', 'infant')).toMatchObject({ decision: 'pass', advised: false })
  // What the neonatal team advised decides which modes are left.
  expect(decision('fin-carrow', 'u-bowline-1', 'infant')).toMatchObject({ decision: 'fail', by: 'specialist-advice' })
  expect(decision('una-carrow', 'u-marlinspike-1', 'lie-flat')).toMatchObject({ decision: 'fail' })
})

test('the hollow-floored people carrier refuses the leg outside, not in the middle', () => {
  expect(places('tamsin-hale', 'hitchmark-prusik', 'rearward', 'corran-avocet')).toMatchObject({
    'second-left': { decision: 'fail', by: 'place-leg-floor' },
    'second-centre': { decision: 'pass' },
  })
})

test('the lap-belt middle place takes no booster', () => {
  const item = stock.find((s) => s.model.id === 'hitchmark-reef')!
  const middle = matchPlaces(circumstances('bryn-tolland'), vehicle('corran-knot'), {
    ...item,
    mode: item.model.modes[0]!,
  }).find((p) => p.position.id === 'rear-middle')
  expect(middle?.decision).toBe('fail')
  expect(middle?.routes[0]?.findings.find((f) => f.rule.id === 'place-belt-kind')?.outcome.kind).toBe('fail')
})

test('the van’s airbag cannot be switched off: nobody rearward in front', () => {
  expect(places('tamsin-hale', 'hitchmark-clove', 'rearward', 'corran-whimbrel')['front-left']).toMatchObject({
    decision: 'fail',
    by: 'place-airbag',
  })
})

test('a restraint past its life is not used', () => {
  expect(decision('tamsin-hale', 'u-prusik-2', 'rearward')).toMatchObject({ decision: 'fail', by: 'unit-in-life' })
})

test('a floor that nobody has looked at is undecided', () => {
  expect(places('tamsin-hale', 'ravel-sheepshank', 'rearward', 'corran-dunlin')).toMatchObject({
    'rear-left': { decision: 'undecided', by: 'place-leg-floor' },
    'rear-right': { decision: 'pass' },
    'front-left': { decision: 'fail' },
  })
})

test('a booster child between 100 and 125 cm: a back yes, a cushion no', () => {
  const cushion = matchFor('bryn-tolland').find((m) => m.mode.shape === 'booster-cushion')
  expect(cushion).toMatchObject({ decision: 'fail' })
  expect(decision('bryn-tolland', 'u-reef-1', 'booster')).toMatchObject({ decision: 'pass' })
})

test('no entry of the shelf contradicts its regulation', () => {
  expect(shelf.models!.flatMap(lintModel)).toEqual([])
})
