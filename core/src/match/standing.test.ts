import {
  buildCase,
  buildMode,
  buildModel,
  buildRoute,
  buildStatedMode,
  buildUnit,
  FORWARD,
  TETHER_ROUTE,
} from '../../test/build.ts'
import { matchModes, measured, rankNeeds } from '../index.ts'
import { severityOf, type RawFinding } from '../rules/index.ts'

/** A mode whose only way into the car takes less than the mode itself: the route refuses, and time decides what then. */
test.each([
  [17.9, 'undecided'],
  [18, 'undecided'],
  [18.5, 'outgrown'],
  [8, 'soon'],
])('at %s kg, with the one route from 9 to 18 kg, the mode is %s', (kg, standing) => {
  const route = buildRoute({ limits: { massKg: { from: 9, to: 18 } } })
  const model = buildModel([buildMode({ routes: [route], massKg: { to: 25 } })])
  const [match] = matchModes(buildCase({ child: { massKg: measured(kg, 0) } }), [{ model, unit: buildUnit() }])
  expect(match?.standing).toBe(standing)
})

describe('a unit that stands the other way', () => {
  const forward = buildStatedMode({ ...FORWARD, massKg: { to: 18 }, routes: [TETHER_ROUTE] })
  const rearward = buildStatedMode()
  const convertible = buildModel([rearward, forward], { directionChange: 're-installed' })
  const at = (kg: number, unit: object, id = 'forward') =>
    matchModes(buildCase({ child: { massKg: measured(kg, 0.1) } }), [
      { model: convertible, unit: buildUnit({ direction: 'rearward', ...unit }) },
    ]).find((m) => m.mode.id === id)!

  test('is to be converted first: nothing is held against the child', () => {
    expect(at(10.4, {})).toMatchObject({ decision: 'fail', standing: 'convert-first', decisionOnceConverted: 'pass' })
    expect(at(10.4, { direction: 'forward' })).toMatchObject({ standing: 'permitted', decisionOnceConverted: 'pass' })
    expect(at(10.4, {}, 'rearward')).toMatchObject({ standing: 'permitted', decisionOnceConverted: 'pass' })
  })
  test('converting makes no child lighter, and no crashed unit whole', () => {
    expect(at(19, {})).toMatchObject({ decision: 'fail', standing: 'outgrown', decisionOnceConverted: 'fail' })
    expect(at(10.4, { wasInCrash: true })).toMatchObject({ standing: 'not-permitted', decisionOnceConverted: 'fail' })
  })
  test('what decides is what refuses; of what holds, what leaves the least room; never advice', () => {
    expect(at(10.4, {}).deciding?.rule.id).toBe('unit-direction')
    const holds = at(10.4, { direction: 'forward' })
    expect(holds.isAdvisedAgainst).toBe(true)
    const room = (f: (typeof holds.findings)[number]) =>
      f.outcome.margin === undefined || !f.outcome.limit ? Infinity : f.outcome.margin / f.outcome.limit
    const least = Math.min(...holds.findings.filter((f) => severityOf(f) !== 'advise').map(room))
    expect(least).toBeLessThan(0.3)
    expect(room(holds.deciding!)).toBe(least)
    expect(severityOf(holds.deciding!)).not.toBe('advise')
  })
})

test('the room of a mode is its own or that of its roomiest route that holds, whichever is less', () => {
  const routeTo = (id: string, to: number) => buildRoute({ id, limits: { massKg: { to } } })
  const roomOf = (to: number, ...routes: ReturnType<typeof buildRoute>[]) => {
    const model = buildModel([buildStatedMode({ routes, massKg: { to } })])
    return matchModes(buildCase({ child: { massKg: measured(10, 0) } }), [{ model, unit: buildUnit() }])[0]!.room
  }
  const [narrow, wide, refuses] = [routeTo('a', 10.2), routeTo('b', 400), routeTo('c', 9)]
  const own = roomOf(20, wide)
  expect(own).toBeGreaterThan(0.05)
  expect(roomOf(20, narrow)).toBeCloseTo(0.2 / 10.2)
  expect(roomOf(20, narrow, wide)).toBe(own)
  expect(roomOf(20, wide, narrow)).toBe(own)
  // A route that refuses has no say.
  expect(roomOf(20, refuses, narrow)).toBeCloseTo(0.2 / 10.2)
  expect(roomOf(10.1, narrow)).toBeCloseTo(0.1 / 10.1)
})

test('needs: what settles most, then what most ask for, then by name', () => {
  const open = (...missing: string[]) =>
    ({ rule: { severity: 'stop' }, outcome: { kind: 'undecided', missing } }) as unknown as RawFinding
  const advice = { ...open('car'), rule: { severity: 'advise' } } as unknown as RawFinding
  expect(
    rankNeeds([
      [open('x'), advice],
      [open('x', 'y')],
      [open('x', 'y'), open('z')],
      [open('y'), open('a')],
      [open('z')],
      [open('b')],
    ]),
  ).toEqual([
    { need: 'x', settles: 1, bearsOn: 3 },
    { need: 'z', settles: 1, bearsOn: 2 },
    { need: 'b', settles: 1, bearsOn: 1 },
    { need: 'y', settles: 0, bearsOn: 3 },
    { need: 'a', settles: 0, bearsOn: 1 },
  ])
})
