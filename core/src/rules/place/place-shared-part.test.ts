import { Sequence, UnitId } from '../../ground/index.ts'
import { ask, BELT_ROUTE, buildCase, buildRoute, kindOf, ruleById, TETHER_ROUTE } from '../../../test/build.ts'
import { inRide, other, REST_OF_CAR } from '../../../test/ride.ts'
import { reasonOf, severityOf, type Case, type OtherOfRide, type Route, type SeatingPosition } from '../../index.ts'

const RULE = 'place-shared-part'
type Shared = NonNullable<SeatingPosition['sharedWith']>
type Takes = OtherOfRide['takes']

/** Rear left on a route; the middle states what it shares with it, or rear left does. */
const at = (route: Route, shared: { readonly own?: Shared; readonly middle?: Shared } = {}): Case =>
  buildCase({
    route,
    position: { sharedWith: shared.own ?? [] },
    others: REST_OF_CAR.map((p) => (p.id === 'rear-centre' ? { ...p, sharedWith: shared.middle ?? [] } : p)),
  })
const own = (part: Shared[number]['part']) => ({ own: [{ part, positionId: 'rear-centre' }] })
const middle = (part: Shared[number]['part']) => ({ middle: [{ part, positionId: 'rear-left' }] })
const beside = (takes: Takes, over: Partial<OtherOfRide> = {}): OtherOfRide => other(100, { takes, ...over })
const ISOFIX = buildRoute()
const TRACKED = buildRoute({ lowerTethers: { use: 'required', points: ['fixed-runner'] } })

test.each<[string, Route, Parameters<typeof at>[1], Takes, string]>([
  ['bars of both', ISOFIX, own('bars'), ['bars'], 'fail'],
  ['bars of both, said by the other place', ISOFIX, middle('bars'), ['bars'], 'fail'],
  ['bars here, belt there', ISOFIX, own('bars'), ['belt'], 'pass'],
  ['belt here, bars there', BELT_ROUTE, own('bars'), ['bars'], 'pass'],
  ['anchorage of both', TETHER_ROUTE, own('tether'), ['bars', 'tether'], 'fail'],
  ['anchorage there alone', BELT_ROUTE, own('tether'), ['bars', 'tether'], 'pass'],
  ['buckles in each other’s way', BELT_ROUTE, own('buckle'), ['belt'], 'fail'],
  ['buckles, bars there', BELT_ROUTE, own('buckle'), ['bars'], 'pass'],
  ['own buckle covered by a restraint', BELT_ROUTE, own('buckle-covered'), ['bars'], 'fail'],
  ['own buckle not needed', ISOFIX, own('buckle-covered'), ['bars'], 'pass'],
  ['the other’s buckle covered by this one', ISOFIX, middle('buckle-covered'), ['belt'], 'fail'],
  ['the other’s buckle not needed', ISOFIX, middle('buckle-covered'), ['bars'], 'pass'],
])('%s', (_, route, shared, takes, kind) => {
  expect(kindOf(RULE, inRide(at(route, shared), [beside(takes)]))).toBe(kind)
})

test.each([
  [undefined, 'pass'],
  ['left-off', 'pass'],
  ['hooked', 'fail'],
])('an advised tether, noted as %s, on an anchorage that the other needs: %s', (option, kind) => {
  const advised = buildRoute({ topTether: { use: 'optional' } })
  const c = inRide(at(advised, own('tether')), [beside(['bars', 'tether'])])
  expect(
    kindOf(RULE, option === undefined ? c : { ...c, readings: { 'tether-used': { option, at: Sequence(9) } } }),
  ).toBe(kind)
})

test('a person covers no buckle, and needs their own', () => {
  const adult = beside(['belt'], { kind: 'adult' })
  expect(kindOf(RULE, inRide(at(BELT_ROUTE, own('buckle-covered')), [adult]))).toBe('pass')
  expect(kindOf(RULE, inRide(at(ISOFIX, middle('buckle-covered')), [adult]))).toBe('fail')
})

test('what is shared with a place where nobody rides takes nothing away', () => {
  const position = {
    sharedWith: [
      { part: 'tether' as const, positionId: 'rear-centre' },
      { part: 'buckle' as const, positionId: 'rear-right' },
    ],
  }
  const c = buildCase({ route: TETHER_ROUTE, position, others: REST_OF_CAR })
  const hooked = (positionIds: string[]) => [beside(['bars', 'tether'], { positionIds })]
  expect(kindOf(RULE, inRide(c, hooked(['rear-right'])))).toBe('pass')
  expect(kindOf(RULE, inRide(c, hooked(['rear-centre'])))).toBe('fail')
})

test('it is a stop of the handbook’s, and says with what', () => {
  const outcome = ask(RULE, inRide(at(ISOFIX, own('bars')), [beside(['bars'])]))
  expect(severityOf({ rule: ruleById(RULE), outcome })).toBe('stop')
  expect(ruleById(RULE).source).toBe('vehicle')
  expect(reasonOf({ ...outcome, says: { ...outcome.says, rule: RULE } })).toBe(
    'Not together with what is at Rear middle: the ISOFIX bars serve one of the two places.',
  )
})

describe('what is not known is open, and looked at', () => {
  const open = { kind: 'undecided', severity: 'advise', missing: ['check.room-beside'], settledBy: 'room-beside' }
  const unread = (takes: Takes): Case =>
    inRide(buildCase({ others: REST_OF_CAR, position: { isofix: { bars: 'visible' } } }), [beside(takes)])
  const withBars = (c: Case): Case => ({
    ...c,
    vehicle: {
      ...c.vehicle!,
      positions: c.vehicle!.positions.map((p) => (p.row === 2 ? { ...p, isofix: { bars: 'visible' as const } } : p)),
    },
  })
  test.each<[string, Case]>([
    ['what the other takes', inRide(at(ISOFIX, own('bars')), [beside(undefined)])],
    ['whether the other hooks a tether', inRide(at(TETHER_ROUTE, own('tether')), [beside(undefined)])],
    ['whether the other needs rails', inRide(at(TRACKED, own('rails')), [beside(undefined)])],
    ['whether the other is buckled', inRide(at(BELT_ROUTE, own('buckle')), [beside(undefined)])],
    ['whether the other covers a buckle', inRide(at(BELT_ROUTE, own('buckle-covered')), [beside(undefined)])],
    ['where the other sits', inRide(at(ISOFIX, own('bars')), [beside(['bars'], { positionIds: [] })])],
    ['whether the middle borrows bars', withBars(unread(['bars']))],
    ['that, and what the other takes', withBars(unread(undefined))],
  ])('%s', (_, c) => {
    expect(ask(RULE, c)).toMatchObject(open)
    // A look settles it; one from before somebody beside it changed does not.
    const seen = { ...c, readings: { 'room-beside': { option: 'clear', at: Sequence(9) } } }
    expect(ask(RULE, seen).kind).toBe('pass')
    expect(ask(RULE, { ...seen, disturbances: { beside: { at: Sequence(10) } } })).toMatchObject(open)
  })
  test('bars that nobody needs twice are not asked about', () => {
    expect(kindOf(RULE, withBars(unread(['belt'])))).toBe('pass')
  })
})

describe('one unit serves one child', () => {
  const c = at(ISOFIX)
  const own = c.choice.unitId!
  test.each<[string, UnitId[] | undefined, string]>([
    ['the same unit', [own], 'fail'],
    ['a shell on the same unit', [UnitId('another'), own], 'fail'],
    ['another unit', [UnitId('another')], 'not-applicable'],
    ['no unit said', undefined, 'not-applicable'],
  ])('%s', (_, unitIds, kind) => {
    expect(kindOf(RULE, inRide(c, [beside(['bars'], { unitIds })]))).toBe(kind)
    expect(kindOf(RULE, inRide(c, [beside(['bars'], { unitIds, positionIds: [] })]))).toBe(kind)
  })
})

test.each<[string, Case]>([
  ['nobody rides along', at(ISOFIX, own('bars'))],
  ['nothing is shared with where they sit', inRide(at(ISOFIX, own('bars')), [beside(['bars'], { positionIds: ['rear-right'] })])], // prettier-ignore
  ['it is said that nothing is shared', inRide(at(ISOFIX), [beside(['bars'])])],
])('%s: not asked', (_, c) => {
  expect(kindOf(RULE, c)).toBe('not-applicable')
})
