import { IsoDate } from '../ground/index.ts'
import { buildCase, FORWARD, withEverythingGood } from '../../test/build.ts'
import { assess, measured, type Case } from '../index.ts'

/** Judged as if nothing had been judged before: every part of it is another object. */
const anew = (c: Case): unknown => JSON.parse(JSON.stringify(assess(structuredClone(c))))
const shown = (c: Case): unknown => JSON.parse(JSON.stringify(assess(c)))

const base = withEverythingGood(buildCase())
// Whether a rearward mode still takes the child is advice that the other restraints of the case decide.
const forward = buildCase({ mode: FORWARD, child: { massKg: measured(12, 0.1), statureCm: measured(90, 0.5) } })

test.each<[string, Case, (c: Case) => Case]>([
  ['the child', base, (c) => ({ ...c, child: { ...c.child, massKg: measured(40, 0.1) } })],
  ['the day', base, (c) => ({ ...c, today: IsoDate('2029-03-01') })],
  ['the choice', base, (c) => ({ ...c, choice: { ...c.choice, modeId: undefined } })],
  ['the units', base, (c) => ({ ...c, units: (c.units ?? []).map((u) => ({ ...u, wasInCrash: true })) })],
  ['the practice', forward, (c) => ({ ...c, practice: { ...c.practice, turningForward: 'from-the-guard' as never } })],
  ['the local rule', base, (c) => ({ ...c, localRule: { ...c.localRule, untilMassKg: 20, r44Use: 'allowed' as const } })],
  ['the journey', base, (c) => ({ ...c, journeyMinutes: 300 })],
  ['the restraints', forward, (c) => ({ ...c, restraints: c.restraints.map((m) => ({ ...m, modes: m.modes.map((x) => ({ ...x, massKg: { to: 9 } })) })) })], // prettier-ignore
])('what was matched before is not said of another: %s', (_, from, change) => {
  expect(shown(from)).toEqual(anew(from))
  const to = change(from)
  expect(shown(to)).toEqual(anew(to))
  // And back: the newest is what is kept.
  expect(shown(from)).toEqual(anew(from))
  // A journey counts for the very young only; all else shows.
  if (from.journeyMinutes === to.journeyMinutes) expect(shown(to)).not.toEqual(shown(from))
}) // prettier-ignore
