import { ModelId, UnitId, VehicleId } from '../ground/index.ts'
import {
  arrange,
  arrangeRequestSchema,
  arranging,
  CAUTION,
  measured,
  type ArrangeRequest,
  type Route,
  type SeatingPosition,
} from '../index.ts'
import { BELTED, booster, forward, half, place, question, ROW, schoolchild, toddler } from '../../test/arrange/plain.ts'
import { BELT_ROUTE, buildModel, buildStatedMode, buildUnit } from '../../test/build.ts'

/** Families that are so plain that anybody sees the answer; each test changes one thing. */

/** Where everybody sits in the best, and what else is said of the whole. */
const told = (request: ArrangeRequest) => {
  const { verdict, arrangements, ties } = arrange(request)
  const [best] = arrangements
  return {
    verdict,
    ties,
    seats: best?.seats.map((s) => [s.positionId, ...(s.secondPositionId ? [s.secondPositionId] : [])].join('+')),
    facts: best?.facts.map((f) => f.need),
  }
}

test('two toddlers on three places: the two outer ones, equal either way round, with the caution', () => {
  const result = arrange(question({}))
  expect(result).toMatchObject({ verdict: 'fits', proof: 'best', ties: 2, caution: CAUTION })
  expect(result.arrangements.slice(0, 2).map((a) => a.seats.map((s) => s.positionId))).toEqual([
    ['left', 'right'],
    ['right', 'left'],
  ])
  // 900 mm apart, 400 wide; the gap is so wide that no hand is asked for anything.
  expect(result.arrangements[0]?.rows).toMatchObject([{ row: 2, state: 'certain', marginMm: 510 }])
  expect(result.arrangements[0]?.seats.map((s) => s.unitId)).toEqual(['model-0-0', 'model-0-1'])
})

const three = [toddler('ash'), toddler('bay'), toddler('cai')]
test.each([
  // 450 apart, 400 wide and 30 for a hand: 20 left over.
  [200, undefined, 'fits'],
  // 470 needed: the outer ones go out by their 20 mm of play, the middle one stays.
  [220, undefined, 'fits'],
  [220.5, undefined, 'does-not-fit'],
  [225, 29, 'does-not-fit'],
  [225, 30, 'fits'],
])('three across of half-width %s with a play of %s: %s', (mm, sidewaysPlayMm, verdict) => {
  const route: Route = {
    ...BELTED,
    belt: { ...BELTED.belt!, ...(sidewaysPlayMm !== undefined && { sidewaysPlayMm }) },
  }
  expect(told(question({ children: three, modes: [forward({ halfWidths: half(mm), routes: [route] })] })).verdict).toBe(
    verdict,
  )
})

test('an outside width alone is not a profile: what it does not clear is to be measured', () => {
  const wide = forward({ halfWidths: undefined, widthMm: 470 })
  expect(told(question({ children: three, modes: [wide] }))).toMatchObject({
    verdict: 'fits-if-measured',
    facts: ['mode.halfWidths'],
  })
  expect(told(question({ children: three, modes: [{ ...wide, widestAt: 'shoulderBack' }] }))).toMatchObject({
    verdict: 'fits-if-measured',
  })
  expect(
    told(question({ children: three, modes: [forward({ halfWidths: undefined, widthMm: 510, widestAt: 'hipBack' })] }))
      .verdict,
  ).toBe('does-not-fit')
})

test('middles that nobody has measured are to be measured as soon as two stand side by side', () => {
  const places = ROW.map(({ lateralCentreMm: _, ...p }) => p)
  expect(told(question({ places }))).toMatchObject({
    verdict: 'fits-if-measured',
    facts: ['position.lateralCentreMm', 'position.lateralCentreMm'],
  })
  expect(told(question({ places, children: [toddler('ash')] })).verdict).toBe('fits')
})

test.each(['bars', 'tether', 'buckle', 'buckle-covered', 'rails'] as const)(
  'what two places share (%s) serves one of them',
  (part) => {
    const isBelt = part.startsWith('buckle')
    const isofix: Route = {
      ...BELT_ROUTE,
      id: 'isofix',
      scope: 'vehicle-specific',
      belt: undefined,
      approvedPlaces: [{ vehicleId: VehicleId('car'), positionIds: ['left', 'right'] }],
      isofix: { connectors: 'rigid', role: 'holds', pushedHome: 'any-length' },
      topTether: { use: 'required' },
      ...(part === 'rails' && { lowerTethers: { use: 'required', points: ['ring'] } }),
    } as Route
    const more: Partial<SeatingPosition> = {
      isofix: { bars: 'visible' },
      tether: { where: 'seat-back' },
      lowerTetherPoints: [
        { kind: 'ring', side: 'left' },
        { kind: 'ring', side: 'right' },
      ],
    }
    const at = (shared: boolean) => [
      place('left', { ...more, sharedWith: shared ? [{ part, positionId: 'right' }] : [] }),
      place('right', more),
    ]
    const modes = [forward({ routes: [isBelt ? BELTED : isofix] })]
    const verdictAt = (shared: boolean) => arrange(question({ places: at(shared), modes }))
    expect(verdictAt(false).verdict).not.toBe('does-not-fit')
    const shared = verdictAt(true)
    expect(shared.verdict).toBe('does-not-fit')
    expect(shared.without?.childIds).toHaveLength(1)
    expect(shared.conflict?.facts.map((f) => f.kind).toSorted()).toEqual(['child-rides', 'child-rides', 'shared'])
  },
)

test('a lie-flat takes two neighbouring places; of two alone one must have no door at its end', () => {
  const lying = buildStatedMode({
    id: 'lying',
    direction: 'lateral',
    shape: 'lie-flat',
    reclines: undefined,
    headRule: 'crown-inside',
    halfWidths: half(410),
    routes: [
      {
        ...BELT_ROUTE,
        scope: 'semi-universal',
        seatsTaken: 2,
        approvedPlaces: [{ vehicleId: VehicleId('car'), positionIds: ['left', 'centre', 'right'] }],
        belt: { ...BELT_ROUTE.belt!, lock: { kind: 'tension-only' } },
      },
    ],
  })
  const alone = { children: [toddler('ash')], modes: [lying] }
  expect(told(question(alone)).seats?.[0]?.split('+')).toHaveLength(2)
  expect(told(question({ children: [toddler('ash'), toddler('bay')], modes: [lying] })).verdict).toBe('does-not-fit')
  const two = (left?: SeatingPosition['doorSide'], right?: SeatingPosition['doorSide']) =>
    told(
      question({
        ...alone,
        places: [
          place('left', { doorSide: left, lateralCentreMm: -250 }),
          place('right', { doorSide: right, lateralCentreMm: 250 }),
        ],
      }),
    )
  expect(two('left', 'right').verdict).toBe('does-not-fit')
  expect(two().facts).toContain('position.doorSide')
  expect(two('left', 'none').facts).not.toContain('position.doorSide')
})

test('an adult gets to the middle past an empty place or a booster, never past a harness seat', () => {
  const adults = [{ id: 'granny', positionId: 'centre', shoulderBreadthMm: 400 }]
  expect(told(question({ adults, places: ROW })).verdict).toBe('does-not-fit')
  expect(told(question({ adults, children: [toddler('ash')] })).verdict).toBe('fits')
  const past = arrange(
    question({
      adults,
      children: [schoolchild('ash'), schoolchild('bay')],
      modes: [booster({ halfWidths: half(180) })],
    }),
  )
  expect(past.verdict).not.toBe('does-not-fit')
  // The adult before the child of the booster that it gets past.
  expect(past.arrangements[0]?.loading.map((l) => l.riderId)[0]).toBe('granny')
})

test('an airbag that covers two places is not off for one and on for the other', () => {
  const front = [
    place('left', { row: 1, id: 'front-left', frontAirbag: 'can-be-switched-off' }),
    place('centre', { row: 1, id: 'front-middle', airbagOf: 'front-left' }),
  ]
  const shell = buildStatedMode({ halfWidths: half(180), routes: [{ ...BELT_ROUTE, frontSeat: 'either' }] })
  const places = [...front, place('right', { row: 1, id: 'driver', isDriverSeat: true })]
  const car = { id: VehicleId('car'), maker: 'Corran', model: 'Van', driverSide: 'right' as const, positions: places }
  const rides = (positionId: string | undefined) =>
    told(
      question({
        vehicles: [car],
        children: [toddler('ash')],
        modes: [shell],
        pins: [{ kind: 'child-at', childId: 'ash', positionId: 'front-left' }],
        adults: positionId === undefined ? [] : [{ id: 'granny', positionId, shoulderBreadthMm: 340 }],
      }),
    ).verdict
  expect([rides(undefined), rides('front-middle')]).toEqual(['fits-if-measured', 'does-not-fit'])
})

test.each([
  // A shell that needs 700 mm behind a seat that leaves 600 fully back: 100 mm of travel.
  [{ seatForwardMm: 100 }, 'fits'],
  [{ seatForwardMm: 99 }, 'does-not-fit'],
  // The tallest leaves 690 there: for certain not enough, and perhaps this adult is shorter.
  [{}, 'fits-if-measured'],
])('an adult before a rearward shell, %j: %s', (more, verdict) => {
  const shell = buildStatedMode({
    halfWidths: half(180),
    shellEdgeMm: 700,
    reclines: [{ id: 'r1', label: '1', shellAngleDeg: 30 }],
    shellLengthMm: 1000,
    footFromBackrestMm: 200,
    passable: true,
    routes: [{ ...BELTED, frontSeat: 'either' }],
  })
  const front = place('right', { row: 1, id: 'front', lateralCentreMm: 370 })
  const behind = place('right', {
    cushion: { slopeDeg: measured(0, 0) },
    frontSeatRangeMm: { fullyBackMm: 600, fullyForwardMm: 800 },
    frontClearanceMm: measured(690, 0),
  })
  const asked = question({
    places: [front, behind],
    children: [toddler('ash')],
    modes: [shell],
    pins: [{ kind: 'child-at', childId: 'ash', positionId: 'right' }],
    adults: [{ id: 'granny', positionId: 'front', shoulderBreadthMm: 400, ...more }],
  })
  expect(told(asked).verdict).toBe(verdict)
})

test('pins hold, wishes order, and letting the pin go is the change that helps', () => {
  const pinned = question({ pins: [{ kind: 'child-at', childId: 'ash', positionId: 'centre' }] })
  expect(told(pinned).seats?.[0]).toBe('centre')
  const wished = question({ wishes: [{ kind: 'child-at', childId: 'ash', positionId: 'right' }] })
  expect(told(wished)).toMatchObject({ seats: ['right', 'left'], ties: 1 })
  const both = arrange(
    question({
      pins: [
        { kind: 'child-at', childId: 'ash', positionId: 'left' },
        { kind: 'child-at', childId: 'bay', positionId: 'left' },
      ],
    }),
  )
  expect(both.conflict?.facts.map((f) => f.kind).toSorted()).toEqual(['child-rides', 'child-rides', 'pin', 'pin'])
  expect(both.change).toMatchObject({ what: { kind: 'pin' }, verdict: 'fits' })
})

test('a cup holder that is on is in the conflict, and taking it off the change', () => {
  const mode = forward({ halfWidths: half(212), extraWidthMm: { side: 'both', mm: 20 } })
  const result = arrange(question({ children: three, modes: [mode] }))
  expect(result.conflict?.facts.map((f) => f.kind).toSorted()).toEqual([
    'child-rides',
    'child-rides',
    'child-rides',
    'extra-on',
  ])
  expect(result.change).toMatchObject({ what: { kind: 'extra-off', modelId: ModelId('model-0') }, verdict: 'fits' })
  expect(
    arrange(
      question({
        children: three,
        modes: [mode],
        extrasOff: [UnitId('model-0-0'), UnitId('model-0-1'), UnitId('model-0-2')],
      }),
    ).verdict,
  ).toBe('fits')
})

test.each([
  [true, 'does-not-fit', undefined],
  // Nobody has read whether it goes on a base: undecided, and it says what to find out.
  [undefined, 'fits-if-measured', 'unit.base'],
] as const)('a shell without its base on the shelf, usesBase %s: %s', (usesBase, verdict, need) => {
  const parts = [
    { id: 'shell', name: 'Shell', massKg: 5 },
    { id: 'base', name: 'Base', massKg: 9, isBase: true },
  ]
  const route: Route = { ...BELTED, usesBase }
  const mode = forward()
  const model = buildModel([{ ...mode, routes: mode.routes.map((r) => ({ ...r, ...route })) }], {
    id: ModelId('pair'),
    parts,
  })
  const asked = {
    ...question({ children: [toddler('ash')] }),
    restraints: [model],
    units: [buildUnit({ id: UnitId('shell-1'), modelId: ModelId('pair'), partId: 'shell' })],
  }
  const alone = told(asked)
  expect(alone.verdict).toBe(verdict)
  if (need) expect(alone.facts).toContain(need)
  const carried = arrange({
    ...asked,
    units: [...asked.units, buildUnit({ id: UnitId('base-1'), modelId: ModelId('pair'), partId: 'base' })],
  })
  expect(carried.arrangements[0]?.seats[0]?.baseUnitId).toBe('base-1')
})

test('a unit that stands for another mode is taken, and said to be converted first', () => {
  const model = buildModel([forward(), booster()], { id: ModelId('both'), name: 'Both' })
  const asked = {
    ...question({ children: [toddler('ash')] }),
    restraints: [model],
    units: [buildUnit({ id: UnitId('stowed'), modelId: ModelId('both'), harness: 'stowed' })],
  }
  const stowed = arrange(asked)
  expect(stowed.arrangements[0]?.seats).toMatchObject([
    { unitId: UnitId('stowed'), modeId: 'forward', needsConversion: true },
  ])
  const inPlace = arrange({ ...asked, units: [{ ...asked.units[0]!, harness: 'in' }] })
  expect(inPlace.arrangements[0]?.seats[0]?.needsConversion).toBeUndefined()
  expect(stowed.arrangements[0]!.levels.steps - inPlace.arrangements[0]!.levels.steps).toBe(1)
})

test('units are handed out once: with too few of them some stay at home, and the shelf is what would help', () => {
  const one = question({ copies: 1 })
  const result = arrange({
    ...one,
    restraints: [...one.restraints, buildModel([forward()], { id: ModelId('spare'), name: 'Spare' })],
  })
  expect(result).toMatchObject({
    verdict: 'does-not-fit',
    change: { what: { kind: 'model', modelId: ModelId('spare') } },
  })
  expect(result.without?.childIds).toHaveLength(1)
})

test('of several cars each has its word, and a car that is pinned out has none', () => {
  const narrow = {
    id: VehicleId('narrow'),
    maker: 'Corran',
    model: 'Knot',
    driverSide: 'left' as const,
    positions: [place('left')],
  }
  const base = question({})
  const result = arrange({ ...base, vehicles: [narrow, ...base.vehicles] })
  expect(result.cars.map((c) => [c.vehicleId, c.verdict])).toEqual([
    ['narrow', 'does-not-fit'],
    ['car', 'fits'],
  ])
  expect(result.arrangements.every((a) => a.vehicleId === 'car')).toBe(true)
  const out = arrange({
    ...base,
    vehicles: [narrow, ...base.vehicles],
    pins: [{ kind: 'leave-out', vehicleId: VehicleId('car') }],
  })
  expect([out.verdict, out.cars.map((c) => c.vehicleId)]).toEqual(['does-not-fit', ['narrow']])
})

test('stopped while it tells why, it has the verdict and says that the rest was cut short', () => {
  const steps = arranging(question({ copies: 1, pins: [{ kind: 'child-at', childId: 'ash', positionId: 'centre' }] }))
  expect(steps.next().done).toBe(false)
  const last = steps.next('stop')
  expect(last).toMatchObject({ done: true, value: { verdict: 'does-not-fit', proof: 'best', isCutShort: true } })
  if (last.done)
    expect([last.value.without, last.value.conflict, last.value.change]).toEqual([undefined, undefined, undefined])
})

test('the same question has the same answer, and the order of the shelf is none of its business', () => {
  const base = question({ children: three, modes: [forward(), forward({ halfWidths: half(190) })] })
  const again = arrange({ ...base, units: base.units.toReversed(), restraints: base.restraints.toReversed() })
  const first = arrange(base)
  expect(arrange(base)).toEqual(first)
  expect(again.arrangements.map((a) => a.levels)).toEqual(first.arrangements.map((a) => a.levels))
})

test.each([
  [{ children: [] }, 'children'],
  [{ adults: [{ id: 'x', positionId: 'nowhere' }] }, 'positionId'],
  [{ adults: [{ id: 'ash' }] }, 'id'],
  [{ adults: [{ id: 'driver' }] }, 'id'],
  [{ ownedUnitIds: ['nothing'] }, 'ownedUnitIds'],
  [{ taken: [{ vehicleId: VehicleId('car'), positionId: 'nowhere' }] }, 'positionId'],
  [{ pins: [{ kind: 'restraint-for', childId: 'ash' }] }, 'unitId'],
  [{ pins: [{ kind: 'child-at', childId: 'nobody', positionId: 'left' }] }, 'childId'],
])('a question with %j is refused at %s', (over, field) => {
  const parsed = arrangeRequestSchema.safeParse({ ...question({}), ...over })
  expect(parsed.success).toBe(false)
  expect(parsed.error?.issues.some((i) => i.path.includes(field))).toBe(true)
})
