import { IsoDate, ModelId, Sequence, UnitId } from '../ground/index.ts'
import {
  BELT_ROUTE,
  BOOSTER,
  buildCase,
  buildMode,
  buildModel,
  buildRoute,
  buildUnit,
  FORWARD,
  TURNS,
} from '../../test/build.ts'
import {
  applyPuts,
  assess,
  caseSchema,
  LOCAL_RULES,
  measured,
  ONE_RIDE_PLACES,
  oneRideCar,
  oneRideWays,
  putsForOneRide,
} from '../index.ts'

const belt = buildModel([buildMode({ routes: [BELT_ROUTE] })], { id: ModelId('belt'), name: 'Bend' })
const isofix = buildModel([buildMode({ routes: [buildRoute()] })], { id: ModelId('isofix'), name: 'Hitch' })
const listed = buildModel([buildMode({ routes: [buildRoute({ scope: 'vehicle-specific' })] })], { id: ModelId('listed'), name: 'Knot' }) // prettier-ignore
const tooBig = buildModel([buildMode({ statureCm: { from: 100, to: 125 }, routes: [BELT_ROUTE] })], { id: ModelId('big'), name: 'Tall' }) // prettier-ignore
const stock = [belt, isofix, listed, tooBig].map((model) => ({
  model,
  unit: buildUnit({ id: UnitId(`u-${model.id}`), modelId: model.id }),
}))
const c = buildCase({ settings: { legNotch: { value: 3, at: Sequence(2) } } })
const car = oneRideCar('rear-left', 'right')

test('ways that can still pass, the fewest readings first; what needs a list or does not suit is left out', () => {
  const ways = oneRideWays(c, stock, car)
  expect(ways.map((w) => w.item.model.id).toSorted()).toEqual(['belt', 'isofix'])
  const counts = ways.map((w) => w.readings.length)
  expect(counts).toEqual(counts.toSorted((a, b) => a - b))
  expect(ways.find((w) => w.item.model.id === 'belt')?.readings).toEqual(
    expect.arrayContaining(['position.belt', 'check.belt-path', 'check.slack-mm']),
  )
})
test('who should travel rearward does so, even at more readings; with the school of the legal minimum the readings decide', () => {
  const forward = buildModel([buildMode({ ...FORWARD, ...TURNS, routes: [BELT_ROUTE] })], {
    id: ModelId('forward'),
    name: 'Bight',
  })
  const both = [isofix, forward].map((model) => ({
    model,
    unit: buildUnit({ id: UnitId(`u-${model.id}`), modelId: model.id }),
  }))
  const old = buildCase({ child: { dateOfBirth: IsoDate('2025-06-10'), statureCm: measured(80) } })
  const ways = oneRideWays(old, both, car)
  const count = (id: string) => ways.find((w) => w.item.model.id === id)!.readings.length
  expect(count('isofix')).toBeGreaterThan(count('forward'))
  expect(ways.map((w) => w.item.model.id)).toEqual(['isofix', 'forward'])
  const minimum = { ...old, practice: { ...old.practice, turningForward: 'legal-minimum' as const } }
  expect(oneRideWays(minimum, both, car).map((w) => w.item.model.id)).toEqual(['forward', 'isofix'])
})
test.each(ONE_RIDE_PLACES)(
  '%s is a place of a car that the case may hold, and nothing of it is taken for known',
  (place) => {
    for (const driverSide of ['left', 'right'] as const) {
      const vehicle = oneRideCar(place, driverSide)
      expect(caseSchema.safeParse({ ...c, vehicle, choice: { at: Sequence(1) } }).success).toBe(true)
      expect(vehicle.positions[0]).not.toHaveProperty('frontAirbag')
    }
  },
)
test('the passenger sits away from the driver', () => {
  expect(oneRideCar('front-passenger', 'left').positions[0]?.side).toBe('right')
  expect(oneRideCar('front-passenger', 'right').positions[0]?.side).toBe('left')
})
test('taking a way chooses all of it, drops other settings, and is undecided until it is looked at', () => {
  const [way] = oneRideWays(c, stock, car)
  const applied = applyPuts(c, putsForOneRide(c, car, way!), Sequence(5))
  if (!applied.ok) throw new Error(JSON.stringify(applied.error))
  const next = applied.value.case
  expect(next.settings).toEqual({})
  expect(next.choice).toMatchObject({ modelId: way!.item.model.id, positionId: 'rear-left', at: Sequence(5) })
  const { verdict, measureNext } = assess(next)
  expect(verdict).toBe('undecided')
  // What is asked then is what was promised.
  const promised = new Set(way!.readings as readonly string[])
  expect(measureNext.every((n) => promised.has(n.need) || n.need === 'check.shell-angle-deg')).toBe(true)
})

test('a way that a rule refuses in any unlisted car is none', () => {
  const model = (id: string, route: Parameters<typeof buildRoute>[0]) =>
    buildModel([buildMode({ routes: [route as never] })], { id: ModelId(id), name: id, massKg: 16 })
  const both = [model('held', buildRoute()), model('belted', BELT_ROUTE)].map((m) => ({ model: m }))
  const ids = (of: typeof c) => oneRideWays(of, both, car).map((w) => w.item.model.id)
  expect(ids(c).toSorted()).toEqual(['belted', 'held'])
  // Child and restraint together are more than connectors may hold: the belt is left.
  const heavy = { massKg: measured(17.9, 0.05), statureCm: measured(100, 0.5), dateOfBirth: IsoDate('2022-11-01') }
  expect(ids(buildCase({ child: heavy }))).toEqual(['belted'])
})
test.each([
  ['belted', 'held'],
  ['held', 'belted'],
])('the fewest readings first, also where %s lasts longer than %s', (roomy) => {
  const of = (id: string, route: typeof BELT_ROUTE) =>
    ({ model: buildModel([buildMode({ statureCm: { from: 61, to: id === roomy ? 125 : 90 }, massKg: { to: id === roomy ? 25 : 11 }, routes: [route] })], { id: ModelId(id), name: id }) }) // prettier-ignore
  const ways = oneRideWays(c, [of('belted', BELT_ROUTE), of('held', buildRoute() as typeof BELT_ROUTE)], car)
  const counts = ways.map((w) => w.readings.length)
  expect(counts).toHaveLength(2)
  expect(counts[0]).toBeLessThan(counts[1]!)
})
test('advice that speaks against it refuses no way: here local law asks for no restraint any more', () => {
  const booster = buildModel([buildMode({ ...BOOSTER, routes: [BELT_ROUTE] })], { id: ModelId('booster'), name: 'B' })
  const tall = buildCase({
    child: { dateOfBirth: IsoDate('2016-11-01'), statureCm: measured(140, 0.2), massKg: measured(32, 0.1) },
    localRule: LOCAL_RULES[0]!,
  })
  expect(oneRideWays(tall, [{ model: booster }], car).map((w) => w.item.model.id)).toEqual(['booster'])
})
test('what needs two places is none in a car of one', () => {
  const across = buildModel([buildMode({ shape: 'lie-flat', direction: 'lateral', routes: [{ ...BELT_ROUTE, seatsTaken: 2 }] })], { id: ModelId('cot'), name: 'Cot' }) // prettier-ignore
  expect(oneRideWays(c, [{ model: across }], car)).toEqual([])
})
test('what is looked at on request only is not asked for', () => {
  expect(oneRideWays(c, stock, car).flatMap((w) => w.readings)).not.toContain('check.shell-angle-deg')
})
test('a booster comes after a harness by the profile, and forward after rearward; both at once come last', () => {
  const of = (id: string, over: object) => buildModel([buildMode({ routes: [BELT_ROUTE], ...over })], { id: ModelId(id), name: id }) // prettier-ignore
  const tall = buildCase({
    child: { dateOfBirth: IsoDate('2021-11-01'), statureCm: measured(104, 0.2), massKg: measured(17, 0.1) },
    practice: { turningForward: 'as-late-as-allowed', boosterFrom: 'harness-to-its-limit' },
  })
  const models = [of('booster', BOOSTER), of('forward', { ...FORWARD, ...TURNS }), of('rearward', {})]
  const ids = (of: typeof c) => oneRideWays(of, models.map((model) => ({ model })), car).map((w) => w.item.model.id) // prettier-ignore
  expect(ids(tall)).toEqual(['rearward', 'forward', 'booster'])
  const freely = {
    ...tall,
    practice: { ...tall.practice, turningForward: 'legal-minimum', boosterFrom: 'legal-minimum' },
  } as const
  expect(ids(freely)[0]).not.toBe('rearward')
})
test('the model and the unit taken stand once in the case, and the others stay', () => {
  const [way] = oneRideWays(c, stock.slice(0, 1), car)
  const others = [buildModel([], { id: ModelId('else'), name: 'Else' })]
  const older = { ...belt, name: 'As it was' }
  const before = { ...c, restraints: [...others, older], units: [buildUnit({ id: UnitId('u-belt'), modelId: belt.id, serial: 'OLD' }), buildUnit({ id: UnitId('mine') })] } // prettier-ignore
  const put = (path: string) => putsForOneRide(before, car, way!).find((p) => p.path[0] === path)?.value
  expect(put('restraints')).toEqual([...others, belt])
  expect((put('units') as { id: string; serial: string }[]).map((u) => `${u.id} ${u.serial}`)).toEqual(['mine HY-1', 'u-belt HY-1']) // prettier-ignore
  expect(putsForOneRide(before, car, way!).map((p) => p.path.join('.'))).toEqual(['settings.legNotch', 'vehicle', 'restraints', 'units', 'choice']) // prettier-ignore
  const many = Array.from({ length: 55 }, (_, i) => buildModel([], { id: ModelId(`m${i}`), name: `M${i}` }))
  const kept = putsForOneRide({ ...c, restraints: many }, car, way!).find((p) => p.path[0] === 'restraints')?.value
  expect((kept as { id: string }[]).map((m) => m.id)).toEqual([...many.slice(6).map((m) => m.id), 'belt'])
  const units = Array.from({ length: 55 }, (_, i) => buildUnit({ id: UnitId(`n${i}`), modelId: belt.id }))
  const held = putsForOneRide({ ...c, units }, car, way!).find((p) => p.path[0] === 'units')?.value
  expect((held as { id: string }[]).map((u) => u.id)).toEqual([...units.slice(6).map((u) => u.id), 'u-belt'])
})

test('what is known of the unit at hand is not asked; what is only advised is not either', () => {
  const [way] = oneRideWays(c, stock.slice(0, 1), car)
  const [bare] = oneRideWays(c, [{ model: belt }], car)
  expect(way?.readings.filter((n) => n.startsWith('unit.'))).toEqual([])
  expect(bare?.readings.filter((n) => n.startsWith('unit.')).length).toBeGreaterThan(0)
  expect(way?.readings).not.toContain('child.journeyMinutes')
  expect(way?.readings).toEqual([...new Set(way?.readings)])
})
test.each([
  ['rear-left', 'Rear left', 2, 'left'],
  ['rear-centre', 'Rear centre', 2, 'centre'],
  ['rear-right', 'Rear right', 2, 'right'],
  ['front-passenger', 'Front passenger', 1, 'left'],
] as const)('the place %s of a car nobody knows: %s', (place, label, row, side) => {
  expect(oneRideCar(place, 'right').positions).toEqual([{ id: place, label, row, side }])
})
