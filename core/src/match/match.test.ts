import { IsoDate, ModelId, UnitId } from '../ground/index.ts'
import fc from 'fast-check'
import {
  BOOSTER,
  buildCase,
  buildChild,
  buildStatedMode,
  buildModel,
  buildPosition,
  buildUnit,
  buildVehicle,
  FORWARD,
  TETHER_ROUTE,
  TODAY,
  TURNS,
  BELT_ROUTE,
} from '../../test/build.ts'
import {
  DEFAULT_LOCAL_RULE,
  DEFAULT_PRACTICE,
  matchModes,
  matchPlaces,
  nearestWay,
  placesBestFirst,
  routesBestFirst,
  measured,
  rankNeeds,
  type Child,
  type PracticeProfile,
  type StockItem,
} from '../index.ts'
import { RULES, severityOf } from '../rules/index.ts'

const forward = buildStatedMode({ ...FORWARD, ...TURNS, routes: [TETHER_ROUTE] })
const booster = buildStatedMode(BOOSTER)
const stock: StockItem[] = [
  { model: buildModel([buildStatedMode(), forward]), unit: buildUnit() },
  {
    model: buildModel([booster], { id: ModelId('reef') }),
    unit: buildUnit({ id: UnitId('unit-2'), modelId: ModelId('reef') }),
  },
]
const match = (child: Partial<Child>, practice: Partial<PracticeProfile> = {}, items = stock) =>
  matchModes(
    {
      today: TODAY,
      child: buildChild(child),
      practice: { ...DEFAULT_PRACTICE, ...practice },
      localRule: DEFAULT_LOCAL_RULE,
    },
    items,
  )
const brief = (m: ReturnType<typeof match>) => m.map((x) => [x.mode.id, x.decision, x.isAdvisedAgainst])

test('the 16-month-old of 79 cm: rearward first, forward permitted but advised against, booster not', () => {
  expect(brief(match({}))).toEqual([
    ['rearward', 'pass', false],
    ['forward', 'pass', true],
    ['booster', 'fail', false],
  ])
})

test.each<[string, Partial<Child>]>([
  ['nothing', { massKg: undefined, statureCm: undefined, seatedShoulderHeightMm: undefined }],
  ['no mass', { massKg: undefined }],
  ['no stature', { statureCm: undefined, seatedShoulderHeightMm: undefined }],
  ['everything', {}],
])('what a mode waits for, of a child of whom %s is known, is what its findings wait for', (_, child) => {
  for (const m of match(child)) {
    const open = m.findings.flatMap((f) =>
      f.outcome.kind === 'undecided' && severityOf(f) !== 'advise' ? f.outcome.missing : [],
    )
    expect([...m.openNeeds].toSorted()).toEqual(m.decision === 'undecided' ? [...new Set(open)].toSorted() : [])
  }
})

test('forward is advised against for what a rearward mode still takes, and for nothing that another forward one does', () => {
  const shelf = (rearwardTo: number) => [
    { model: buildModel([buildStatedMode({ massKg: { to: rearwardTo } }), forward]), unit: buildUnit() },
  ]
  expect(brief(match({}, {}, shelf(18)))).toContainEqual(['forward', 'pass', true])
  expect(brief(match({}, {}, shelf(10)))).toEqual([
    ['forward', 'pass', false],
    ['rearward', 'fail', false],
  ])
})

test('the school of the legal minimum takes the advice away', () => {
  expect(brief(match({}, { turningForward: 'legal-minimum' }))[1]).toEqual(['forward', 'pass', false])
})

test('at 15 months to the day forward is not permitted, and the rule that decided is named', () => {
  const refused = match({ dateOfBirth: IsoDate('2025-08-25') }).find((m) => m.mode.id === 'forward')
  expect(refused).toMatchObject({ decision: 'fail', deciding: { rule: { id: 'R129-forward-age' } } })
})

test('a booster is advised against while a harness still takes the child', () => {
  expect(brief(match({ statureCm: measured(103), massKg: measured(16) })).find(([id]) => id === 'booster')).toEqual([
    'booster',
    'pass',
    true,
  ])
  expect(brief(match({ statureCm: measured(112), massKg: measured(20) })).find(([id]) => id === 'booster')).toEqual([
    'booster',
    'pass',
    false,
  ])
})

test('one route that holds is enough', () => {
  const twoRoutes = buildStatedMode({ massKg: { to: 25 }, routes: [...buildStatedMode().routes, BELT_ROUTE] })
  const [best] = match({ massKg: measured(20) }, {}, [{ model: buildModel([twoRoutes]), unit: buildUnit() }])
  expect(best).toMatchObject({
    decision: 'pass',
    routes: [{ route: { id: 'belt' }, decision: 'pass' }, { decision: 'fail' }],
  })
})

test('a model without a named unit is undecided: its history is not known', () => {
  expect(match({}, {}, [{ model: buildModel([buildStatedMode()]) }])[0]).toMatchObject({ decision: 'undecided' })
})

test('what to measure next: first what settles most open modes by itself, then what most of them ask for', () => {
  const open = match({ massKg: undefined, statureCm: undefined })
  const needs = (ms: typeof open) => rankNeeds(ms.filter((m) => m.decision === 'undecided').map((m) => m.findings))
  const byNeed = Object.fromEntries(needs(open).map((n) => [n.need, n]))
  expect(byNeed['child.statureCm']).toMatchObject({ bearsOn: 3 })
  expect(byNeed['child.massKg']!.settles).toBe(0)
  // A booster goes by stature alone: the stature settles it, the mass settles nothing by itself.
  expect(needs(open)[0]).toEqual({ need: 'child.statureCm', settles: 1, bearsOn: 3 })
  const weighed = needs(match({ massKg: measured(10.4, 0.1), statureCm: undefined }))
  expect(weighed[0]!.need).toBe('child.statureCm')
  expect(needs(match({ massKg: undefined }))[0]).toEqual({ need: 'child.massKg', settles: 2, bearsOn: 2 })
})

test('what to find out next: what settles most, then what most ask for, then by name', () => {
  const group = (...missing: string[]) =>
    missing.map((need) => ({ rule: { ...RULES[0]!, severity: 'stop' }, outcome: { kind: 'undecided', missing: [need], says: { message: 'x', data: undefined } } })) as unknown as Parameters<typeof rankNeeds>[0][number] // prettier-ignore
  const groups = [group('child.massKg', 'child.sittingHeightMm'), group('child.massKg', 'child.advice'), group('child.statureCm'), group('child.advice', 'child.sittingHeightMm'), group('child.massKg', 'child.ageMonths')] // prettier-ignore
  for (const order of [groups, groups.toReversed()])
    expect(rankNeeds(order)).toEqual([
      { need: 'child.statureCm', settles: 1, bearsOn: 1 },
      { need: 'child.massKg', settles: 0, bearsOn: 3 },
      { need: 'child.advice', settles: 0, bearsOn: 2 },
      { need: 'child.sittingHeightMm', settles: 0, bearsOn: 2 },
      { need: 'child.ageMonths', settles: 0, bearsOn: 1 },
    ])
})

test('narrowing what is known never flips a decided mode', () => {
  const between = (lo: number, hi: number) => fc.double({ min: lo, max: hi, noNaN: true })
  fc.assert(
    fc.property(
      between(5, 25),
      between(60, 115),
      between(0, 3),
      between(0, 6),
      between(0, 1),
      between(0, 1),
      (kg, cm, du, cu, p, q) => {
        const wide = match({ massKg: measured(kg, du), statureCm: measured(cm, cu) })
        const narrow = match({ massKg: measured(kg - du + 2 * du * p), statureCm: measured(cm - cu + 2 * cu * q) })
        for (const w of wide) {
          const n = narrow.find((x) => x.mode.id === w.mode.id)
          if (w.decision !== 'undecided') expect(n?.decision).toBe(w.decision)
        }
      },
    ),
    { seed: 13, numRuns: 300 },
  )
})

test('places: by route, worst reason first; the driver’s seat is left out', () => {
  const c = buildCase()
  const vehicle = {
    ...c.vehicle!,
    positions: [
      buildPosition({ id: 'driver', label: 'Driver', isDriverSeat: true, row: 1 }),
      buildPosition(),
      buildPosition({ id: 'boxed', label: 'Boxed', floor: { kind: 'box-not-allowed' } }),
      buildPosition({
        id: 'unread',
        label: 'Unread',
        floor: undefined,
        handbook: { ...buildPosition().handbook, iSize: undefined },
      }),
    ],
  }
  const places = matchPlaces(c, vehicle, {
    model: c.restraints[0]!,
    mode: c.restraints[0]!.modes[0]!,
    unit: c.units?.[0],
  })
  expect(places.map((p) => [p.position.id, p.decision])).toEqual([
    ['rear-left', 'pass'],
    ['boxed', 'fail'],
    ['unread', 'undecided'],
  ])
  expect(places[1]?.routes[0]?.findings[0]?.rule.id).toBe('place-leg-floor')
})

test('a mode that the child may not use fits nowhere', () => {
  const c = buildCase({ child: { massKg: measured(30) } })
  const places = matchPlaces(c, c.vehicle!, {
    model: c.restraints[0]!,
    mode: c.restraints[0]!.modes[0]!,
    unit: c.units?.[0],
  })
  expect(places.every((p) => p.decision === 'fail')).toBe(true)
})

describe('places in order, and the nearest where none holds', () => {
  const mode = buildStatedMode({ routes: [buildStatedMode().routes[0]!, BELT_ROUTE] })
  const item = { model: buildModel([mode]), unit: buildUnit(), mode }
  const boxed = { floor: { kind: 'box-not-allowed' } } as const
  const unread = { floor: undefined, handbook: { ...buildPosition().handbook, iSize: undefined } } as const
  const noBelt = { belt: { kind: 'none' } } as const
  const carOf = (...positions: Parameters<typeof buildPosition>[0][]) =>
    buildVehicle(positions.map((p, i) => buildPosition({ id: `p${i}`, label: `Place ${i}`, ...p })))
  const ids = (vehicle: ReturnType<typeof carOf>) =>
    placesBestFirst(matchPlaces(buildCase(), vehicle, item)).map((p) => p.position.id)

  test('what holds before what is open before what is refused; behind the front row first; then as they stand', () => {
    const front = { row: 1, frontAirbag: 'none' } as const
    const order = ids(carOf({ ...boxed, ...noBelt }, { ...unread, ...noBelt }, front, {}, {}))
    expect(order).toEqual(['p3', 'p4', 'p2', 'p1', 'p0'])
  })
  test('routes of a place: what holds first; alike, as they are listed', () => {
    const [refused] = matchPlaces(buildCase(), carOf(boxed), item)
    expect(routesBestFirst(refused!).map((r) => [r.route.id, r.decision])).toEqual([
      ['belt', 'pass'],
      ['isofix-leg', 'fail'],
    ])
    const [both] = matchPlaces(buildCase(), carOf({}), item)
    expect(routesBestFirst(both!).map((r) => r.route.id)).toEqual(['isofix-leg', 'belt'])
  })
  test('the nearest way is the one that the fewest rules refuse, with each of them', () => {
    const vehicle = carOf({ ...boxed, ...noBelt, isofix: { bars: 'none' } }, { ...boxed, ...noBelt })
    const near = nearestWay(buildCase(), vehicle, item)!
    const all = matchPlaces(buildCase(), vehicle, item).flatMap((p) =>
      p.routes.map((r) => r.findings.filter((f) => f.outcome.kind === 'fail').length),
    )
    expect(near.refusals).toHaveLength(Math.min(...all))
    expect(near.refusals.every((f) => f.outcome.kind === 'fail')).toBe(true)
    expect([near.place.position.id, near.route.id]).toEqual(['p0', 'belt'])
    expect(nearestWay(buildCase(), carOf({ isDriverSeat: true }), item)).toBeUndefined()
  })
})

describe('the room of a mode with two routes is that of the better one', () => {
  const tight = { ...BELT_ROUTE, id: 'tight', limits: { massKg: { to: 10.9 } } }
  const wide = { ...BELT_ROUTE, id: 'wide', limits: { massKg: { to: 20 } } }
  const open = { ...BELT_ROUTE, id: 'open', without: [] }
  const of = (...routes: (typeof BELT_ROUTE)[]) => {
    const mode = buildStatedMode({ statureCm: { from: 40, to: 170 }, massKg: { to: 34 }, routes })
    // What has not been read of a route is not stated for it here.
    const model = buildModel([{ ...mode, routes: mode.routes.map((r) => (r.id === 'open' ? open : r)) }])
    const [m] = match({}, {}, [{ model, unit: buildUnit() }])
    return { decision: m!.decision, room: m!.room, roomToGrow: m!.roomToGrow }
  }
  test('of two that hold the wider', () => {
    expect(of(tight, wide)).toEqual(of(wide))
    expect(of(wide, tight)).toEqual(of(wide))
    expect(of(tight).roomToGrow).toBeLessThan(of(wide).roomToGrow)
  })
  test('one that is still open counts for nothing beside one that holds', () => {
    expect(of(open).roomToGrow).toBeGreaterThan(of(tight).roomToGrow)
    expect(of(tight, open)).toEqual(of(tight))
  })
})

test('what only stands otherwise is to be converted; what is refused as well is not', () => {
  const unit = buildUnit({ harness: 'stowed' })
  const standing = (child: Partial<Child>) =>
    match(child, {}, [{ model: buildModel([buildStatedMode(), booster]), unit }]).find((m) => m.mode.id === 'rearward')
      ?.standing
  expect(standing({})).toBe('convert-first')
  expect(standing({ massKg: measured(40) })).toBe('outgrown')
})

describe('places of a mode', () => {
  const model = buildModel([buildStatedMode({ routes: [TETHER_ROUTE] })])
  const [mode] = model.modes
  const at = (over: object, decision?: 'pass' | 'fail', child: Partial<Child> = {}) =>
    matchPlaces(
      { today: TODAY, child: buildChild(child), practice: DEFAULT_PRACTICE, localRule: DEFAULT_LOCAL_RULE },
      buildVehicle([buildPosition(over)]),
      { model, mode: mode!, unit: buildUnit(), ...(decision && { decision }) },
    ).map((p) => p.decision)
  test('a mode that is refused stands nowhere, whether that is known already or not', () => {
    expect(at({})).toEqual(['pass'])
    const tall: Partial<Child> = { statureCm: measured(150), seatedShoulderHeightMm: undefined }
    expect(at({}, undefined, tall)).toEqual(['fail'])
    expect(at({}, 'pass', tall)).toEqual(['pass'])
    expect(at({}, 'fail')).toEqual(['fail'])
  })
  test('a place that is refused stays so where the route is still open', () => {
    const unweighed: Partial<Child> = { massKg: undefined }
    expect(at({}, 'pass', unweighed)).toEqual(['undecided'])
    expect(at({ facing: 'sideways' }, 'pass', unweighed)).toEqual(['fail'])
  })
  test('alike, the back comes before the front, and each row as it stands', () => {
    const place = (id: string, row: number, decision: 'pass' | 'undecided') => ({ position: buildPosition({ id, row }), routes: [], decision }) // prettier-ignore
    const order = (...places: ReturnType<typeof place>[]) => placesBestFirst(places).map((p) => p.position.id)
    const [front, left, right, third] = [place('front', 1, 'pass'), place('left', 2, 'pass'), place('right', 2, 'pass'), place('third', 3, 'pass')] // prettier-ignore
    expect(order(front, third, left, right)).toEqual(['third', 'left', 'right', 'front'])
    expect(order(left, front, right)).toEqual(['left', 'right', 'front'])
    expect(order(place('maybe', 2, 'undecided'), front)).toEqual(['front', 'maybe'])
  })
})
