import {
  ask,
  BELT_ROUTE,
  BOOSTER,
  buildCase,
  buildPosition,
  buildRoute,
  FORWARD,
  kindOf,
  TETHER_ROUTE,
} from '../../../test/build.ts'
import { FIXTURES, fixturesTaken, measured, type Route, type SeatingPosition } from '../../index.ts'

const at = (id: string, position: Partial<SeatingPosition>, parts: Parameters<typeof buildCase>[0] = {}): string =>
  kindOf(id, buildCase({ ...parts, position }))

test.each([
  ['place-isofix-bars', { isofix: { bars: 'none' } }, 'fail'],
  ['place-isofix-bars', { isofix: { bars: 'recessed' } }, 'pass'],
  ['place-isofix-bars', { isofix: undefined }, 'undecided'],
  ['place-leg-floor', { floor: { kind: 'solid' } }, 'pass'],
  ['place-leg-floor', { floor: { kind: 'box-not-allowed' } }, 'fail'],
  ['place-leg-floor', { floor: { kind: 'box-allowed-when-propped' } }, 'pass'],
  ['place-leg-floor', { floor: { kind: 'none' } }, 'fail'],
  ['place-leg-floor', { floor: undefined }, 'undecided'],
  ['place-facing', { facing: 'forward' }, 'pass'],
  ['place-facing', { facing: 'sideways' }, 'fail'],
  ['place-facing', { facing: 'rearward' }, 'fail'],
  ['place-airbag', { row: 1, frontAirbag: 'cannot-be-switched-off' }, 'fail'],
  ['place-airbag', { row: 1, frontAirbag: 'can-be-switched-off' }, 'pass'],
  ['place-airbag', { row: 1, frontAirbag: 'none' }, 'pass'],
  ['place-airbag', { row: 1, frontAirbag: undefined }, 'undecided'],
  ['place-airbag', { row: 2, frontAirbag: undefined }, 'not-applicable'],
  ['place-airbag', { row: 2, frontAirbag: 'cannot-be-switched-off' }, 'fail'],
] as const)('%s at a place with %j: %s', (id, position, kind) => {
  expect(at(id, position as Partial<SeatingPosition>)).toBe(kind)
})

test('an active airbag says nothing against a forward child', () => {
  expect(at('place-airbag', { row: 1, frontAirbag: 'cannot-be-switched-off' }, { mode: FORWARD })).toBe(
    'not-applicable',
  )
})

test.each([
  ['seat-back', 'pass'],
  ['none', 'fail'],
  [undefined, 'undecided'],
] as const)('a required tether with anchorage %s: %s; a leg does not stand in', (where, kind) => {
  const route = { ...TETHER_ROUTE, leg: buildRoute().leg }
  expect(at('place-tether-anchorage', { tether: where && { where } }, { mode: FORWARD, route })).toBe(kind)
  expect(at('place-tether-anchorage', { tether: where && { where } })).toBe('not-applicable')
})

describe('belt kind', () => {
  const needing = (needs: 'three-point' | 'three-point-or-lap' | 'lap'): Route => ({
    ...BELT_ROUTE,
    belt: { ...BELT_ROUTE.belt!, needs },
  })
  test.each([
    ['three-point', 'three-point', 'pass'],
    ['three-point', 'lap', 'fail'],
    ['three-point', 'none', 'fail'],
    ['three-point-or-lap', 'lap', 'pass'],
    ['three-point-or-lap', 'none', 'fail'],
    ['lap', 'lap', 'pass'],
    ['lap', 'three-point', 'fail'],
  ] as const)('a route that needs %s on %s: %s', (needs, kind, expected) => {
    expect(at('place-belt-kind', { belt: { kind } }, { route: needing(needs) })).toBe(expected)
  })
  test('a booster never goes on a lap belt, even where a catalogue says so', () => {
    expect(
      at('place-belt-kind', { belt: { kind: 'lap' } }, { mode: BOOSTER, route: { ...needing('three-point-or-lap') } }),
    ).toBe('fail')
    expect(at('place-belt-kind', { belt: undefined }, { mode: BOOSTER })).toBe('undecided')
  })
})

describe('approval scope', () => {
  test.each([
    ['i-U', 'pass'],
    ['i-UF', 'fail'],
    ['X', 'fail'],
    [undefined, 'undecided'],
  ] as const)('a rearward i-Size route at a place marked %s: %s', (iSize, kind) => {
    expect(at('place-approval', { handbook: { iSize } })).toBe(kind)
  })
  test('forward, i-UF is enough', () => {
    expect(at('place-approval', { handbook: { iSize: 'i-UF' } }, { mode: FORWARD, route: TETHER_ROUTE })).toBe('pass')
  })
  test('semi-universal: the car and place stand on the maker’s list, or not', () => {
    const listed = (positionIds: string[]): Route =>
      buildRoute({ scope: 'semi-universal', approvedPlaces: [{ vehicleId: 'corran-plover', positionIds }] })
    expect(ask('place-approval', buildCase({ route: listed(['rear-left']) }))).toMatchObject({
      kind: 'pass',
      source: 'maker',
    })
    expect(ask('place-approval', buildCase({ route: listed(['rear-left-2']) }))).toMatchObject({
      kind: 'fail',
      source: 'maker',
    })
  })
  const r44 = {
    approval: { regulation: 'R44', series: '04', groups: ['0+', 'I'] },
    statureCm: undefined,
    massKg: undefined,
  } as const
  const groups = (g: object) => ({ handbook: { beltGroups: g } })
  test.each([
    [11, groups({ '0+': 'U', I: 'UF' }), 'fail'],
    [11, groups({ '0+': 'U', I: 'U' }), 'pass'],
    [11, groups({ '0+': 'U' }), 'undecided'],
    [8, groups({ '0+': 'U' }), 'pass'],
    [8, groups({ '0+': 'X', I: 'U' }), 'fail'],
    [8, { handbook: undefined }, 'undecided'],
  ])('UN R44 rearward by belt, %s kg, letters %j: %s', (kg, position, kind) => {
    const c = {
      mode: { ...r44, approval: { ...r44.approval, groups: [...r44.approval.groups] } },
      route: BELT_ROUTE,
      child: { massKg: measured(kg) },
    }
    expect(at('place-approval', position as Partial<SeatingPosition>, c)).toBe(kind)
  })
  test.each([
    ['rearward', groups({ '0+': 'X', I: 'UF', III: 'U' }), 'fail'],
    ['rearward', groups({ '0+': 'U', I: 'UF' }), 'pass'],
    ['rearward', groups({ I: 'UF' }), 'undecided'],
    ['forward', groups({ '0+': 'X', I: 'UF' }), 'pass'],
    ['forward', groups({ '0+': 'U', I: 'L' }), 'fail'],
  ] as const)('UN R129 %s by belt at 10.4 kg, letters %j: %s', (direction, position, kind) => {
    const mode = direction === 'forward' ? FORWARD : {}
    expect(at('place-approval', position as Partial<SeatingPosition>, { mode, route: BELT_ROUTE })).toBe(kind)
  })
  test('ISOFIX universal forward needs IUF', () => {
    const route: Route = { ...TETHER_ROUTE, scope: 'universal' }
    expect(at('place-approval', { handbook: { isofix: 'IUF' } }, { mode: FORWARD, route })).toBe('pass')
    expect(at('place-approval', { handbook: { isofix: 'IL' } }, { mode: FORWARD, route })).toBe('fail')
    expect(at('place-approval', { handbook: {} }, { mode: FORWARD, route })).toBe('undecided')
  })
})

describe('envelopes', () => {
  test.each([
    ['R3', ['R3', 'R2', 'R2X', 'R1']],
    ['R2', ['R2', 'R1']],
    ['R2X', ['R2X', 'R1']],
    ['R1', ['R1']],
    ['F3', ['F3', 'F2', 'F2X']],
    ['F2', ['F2']],
    ['B3', ['B3', 'B2']],
    ['L1', ['L1']],
  ] as const)('a place for %s takes %j and nothing else', (listed, taken) => {
    expect(FIXTURES.filter((f) => fixturesTaken([listed], false).has(f)).toSorted()).toEqual([...taken].toSorted())
  })
  test('an i-Size place takes R2, F2X and R1; others only if listed; not listed at all is undecided', () => {
    expect(at('place-envelope', { handbook: { iSize: 'i-U' } })).toBe('pass')
    expect(at('place-envelope', { handbook: { iSize: 'i-U' } }, { route: buildRoute({ fixture: 'R3' }) })).toBe(
      'undecided',
    )
    expect(at('place-envelope', { handbook: { iSize: 'X', fixtures: ['R1'] } })).toBe('fail')
  })
})

test('lower tethers need a permitted point on each side', () => {
  const route: Route = { ...BELT_ROUTE, lowerTethers: { use: 'required', points: ['fixed-runner', 'ring'] } }
  const points = (...kinds: ('fixed-runner' | 'ring' | 'boxed-in')[]) =>
    kinds.map((kind, i) => ({ kind, side: i === 0 ? ('left' as const) : ('right' as const) }))
  expect(at('place-lower-tethers', { lowerTetherPoints: points('fixed-runner', 'ring') }, { route })).toBe('pass')
  expect(at('place-lower-tethers', { lowerTetherPoints: points('fixed-runner') }, { route })).toBe('fail')
  expect(at('place-lower-tethers', { lowerTetherPoints: points('boxed-in', 'ring') }, { route })).toBe('fail')
  expect(at('place-lower-tethers', {}, { route })).toBe('undecided')
})

test('lying across needs a second place beside this one, in the same row and facing forward', () => {
  const route: Route = { ...BELT_ROUTE, seatsTaken: 2 }
  const beside = (over: Partial<SeatingPosition>) => [
    buildPosition({ id: 'middle', label: 'Middle', lateralCentreMm: 0, ...over }),
  ]
  const kind = (others: readonly SeatingPosition[]) =>
    kindOf('place-two-adjacent', buildCase({ route, others, mode: { direction: 'lateral' } }))
  expect(kind(beside({}))).toBe('pass')
  expect(kind([])).toBe('fail')
  expect(kind(beside({ row: 3 }))).toBe('fail')
  expect(kind(beside({ lateralCentreMm: 141 }))).toBe('fail')
  expect(kind(beside({ facing: 'sideways' }))).toBe('fail')
  expect(kind(beside({ isDriverSeat: true }))).toBe('fail')
})
