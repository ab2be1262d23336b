import { IsoDate } from '../ground/index.ts'
import { findingOf, type Bound } from './rule.ts'
import fc from 'fast-check'
import { buildCase, buildRoute, byMass, BOOSTER, FORWARD, ruleById } from '../../test/build.ts'
import { CONFIGURATIONS } from '../../test/configurations.ts'
import {
  compare,
  every,
  fittedSubject,
  measured,
  refusalInTime,
  RULES,
  valueNow,
  type Case,
  type Mode,
} from '../index.ts'

const bounded = RULES.filter((r) => r.bounds !== undefined)
const CASES: readonly Case[] = [
  ...Object.values(CONFIGURATIONS),
  buildCase({ mode: byMass(['0+', 'I']) }),
  buildCase({ mode: { ...FORWARD, ...byMass(['I'], { massKg: { from: 9, to: 25 }, statureCm: { to: 110 } }) } }),
  buildCase({ mode: { ...BOOSTER, ...byMass(['II'], { shape: 'booster-cushion' } as Partial<Mode>, 2018) } }),
  buildCase({ mode: { ageMonths: { from: 15, to: 48 } } }),
  buildCase({ mode: { headRule: 'crown-inside', shape: 'infant-shell', shellEdgeMm: 520 } }),
  // What lifts the child: a piece that it must have.
  buildCase({ mode: { headRule: 'eyes-below-edge', shellEdgeMm: 520, inserts: [{ id: 'pad', name: 'pad', thicknessMm: 20, requiredUntil: { massKg: 60 } }] } }), // prettier-ignore
  buildCase({ route: buildRoute({ limits: { massKg: { from: 4, to: 16 }, statureCm: { to: 100 } } }) }),
]

test('a rule that speaks of growing says of exact values what its bounds say', () => {
  const seen = new Set<string>()
  fc.assert(
    fc.property(
      fc.constantFrom(...CASES),
      fc.integer({ min: 25, max: 400 }),
      fc.integer({ min: 400, max: 1560 }),
      fc.integer({ min: 0, max: 150 }),
      fc.integer({ min: 180, max: 480 }),
      fc.integer({ min: 380, max: 760 }),
      (c, hg, mm, months, shoulder, sitting) => {
        const child = {
          ...c.child,
          dateOfBirth: undefined,
          ageMonths: measured(months),
          massKg: measured(hg / 10),
          statureCm: measured(mm / 10),
          seatedShoulderHeightMm: measured(shoulder),
          sittingHeightMm: measured(sitting),
        }
        const subject = fittedSubject({ ...c, child })!
        for (const rule of bounded.filter((r) => r.applies(subject))) {
          const bounds = rule.bounds!(subject)
          const byBounds = every(bounds.map((b) => compare(valueNow(subject, b.quantity), b.wording, b.limit)))
          const { kind } = rule.evaluate(subject)
          seen.add(rule.id)
          // Eyes and ears are a share of the sitting height known only within a few per cent.
          if (rule.id === 'head-room' && kind === 'undecided') continue
          // A local rule that does not say has no day.
          if (rule.id === 'local-r44' && kind === 'undecided') continue
          expect([rule.id, child, kind]).toEqual([rule.id, child, byBounds])
        }
      },
    ),
    { seed: 29, numRuns: 600 },
  )
  expect([...seen].toSorted()).toEqual(bounded.map((r) => r.id).toSorted())
})

test.each([
  ['R129-stature-range', { statureCm: measured(60) }, 'not-yet'],
  ['R129-stature-range', { statureCm: measured(106) }, 'no-longer'],
  [
    'specialist-advice',
    {
      needsPostureSpecialist: true,
      advice: { by: 'M. Lorne', role: 'nurse', on: IsoDate('2026-11-20'), outcome: 'not-yet-by-car' },
    },
    'never',
  ],
] as const)('a refusal by %s of %j: time mends it %s', (id, child, inTime) => {
  const subject = fittedSubject(buildCase({ child }))!
  const rule = ruleById(id)
  expect(refusalInTime(findingOf(rule, subject)!, subject)).toBe(inTime)
})

describe('whether time alone mends a refusal', () => {
  /** The child weighs 10.4 kg. */
  const subject = fittedSubject(buildCase({ child: { massKg: measured(10.4, 0) } }))!
  const finding = (bounds: readonly Bound[] | undefined, kind = 'fail') => ({ rule: ruleById('R129-stature-range'), outcome: { kind }, bounds }) as never // prettier-ignore
  const bound = (wording: Bound['wording'], limit: number, quantity: Bound['quantity'] = 'massKg'): Bound => ({ quantity, wording, limit }) // prettier-ignore
  const past = bound('more-than', 5, 'daysFromToday')
  test.each<[string, readonly Bound[] | undefined, ReturnType<typeof refusalInTime>]>([
    ['a lower limit is missed', [bound('at-least', 11)], 'not-yet'],
    ['one that has to be passed', [bound('more-than', 10.4)], 'not-yet'],
    ['an upper one', [bound('at-most', 10)], 'no-longer'],
    ['one that may not be reached', [bound('less-than', 10.4)], 'no-longer'],
    ['a lower one and an upper one', [bound('at-least', 11), bound('at-most', 10)], 'no-longer'],
    ['a lower one; an upper one holds', [bound('at-least', 11), bound('at-most', 13)], 'not-yet'],
    ['a day is past', [past], 'never'],
    ['a day is past and a lower limit missed', [bound('at-least', 11), past], 'never'],
    ['all of them hold', [bound('at-least', 9), bound('at-most', 13)], 'never'],
    ['it is not about growing', undefined, 'never'],
  ])('%s', (_, bounds, inTime) => {
    expect(refusalInTime(finding(bounds), subject)).toBe(inTime)
  })
  test('of a rule that did not refuse nobody may ask', () => {
    expect(() => refusalInTime(finding([], 'pass'), subject)).toThrow('R129-stature-range did not refuse')
  })
})
