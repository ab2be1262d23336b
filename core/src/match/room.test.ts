import fc from 'fast-check'
import { buildCase, buildModel, buildStatedMode, buildUnit, withEverythingGood } from '../../test/build.ts'
import { CONFIGURATIONS } from '../../test/configurations.ts'
import { evaluateFitted, fittedSubject, matchAll, measured, type Case, type Mode, type Outcome } from '../index.ts'
import { roomToGrow } from './evaluate.ts'
import { rankModes, whyAbove } from './index.ts'

const between = (least: number, most: number) => fc.double({ min: least, max: most, noNaN: true }).map((x) => Math.round(x * 10) / 10) // prettier-ignore
const child = fc.record({
  massKg: between(3, 40),
  statureCm: between(45, 150),
  seatedShoulderHeightMm: between(180, 480),
  plusMinus: fc.constantFrom(0, 0.5, 2),
})
const withChild = (c: Case, x: { massKg: number; statureCm: number; seatedShoulderHeightMm: number; plusMinus: number }): Case => ({
  ...c,
  child: {
    ...c.child,
    massKg: measured(x.massKg, x.plusMinus),
    statureCm: measured(x.statureCm, x.plusMinus),
    seatedShoulderHeightMm: measured(x.seatedShoulderHeightMm, x.plusMinus),
  },
}) // prettier-ignore

/** Every figure read in the car as something else, and each figure set. */
const withFigures = (c: Case, by: number, plusMinus: number): Case => ({
  ...c,
  readings: Object.fromEntries(
    Object.entries(c.readings).map(([id, r]) => [id, r.number?.value === undefined ? r : { ...r, number: measured(r.number.value + by, plusMinus) }]),
  ),
  settings: Object.fromEntries(
    Object.entries(c.settings).map(([id, s]) => [id, typeof s.value === 'number' && id !== 'legNotch' ? { ...s, value: Math.max(0, s.value + by) } : s]),
  ) as Case['settings'],
}) // prettier-ignore
const good = Object.values(CONFIGURATIONS).map((c) => withEverythingGood(c))

test('a margin is the room to the very limit that is named, and of two ends to the nearer', () => {
  const seen = new Set<string>()
  fc.assert(
    fc.property(fc.constantFrom(...good), child, fc.integer({ min: -30, max: 30 }), (c, x, by) => {
      for (const { rule, outcome } of evaluateFitted(fittedSubject(withFigures(withChild(c, x), by, x.plusMinus))!)) {
        const { measured: m, limit, margin, range, check } = outcome
        if (m === undefined || limit === undefined || margin === undefined) continue
        seen.add(rule.id)
        const named = [limit - m.hi, m.lo - limit].some((room) => Math.abs(room - margin) < 0.51)
        expect([rule.id, outcome, named]).toEqual([rule.id, outcome, true])
        // A window that is read in the car says of both ends which of them decided.
        if (check !== undefined || range === undefined) continue
        const nearer = Math.min(m.lo - (range.from ?? -Infinity), (range.to ?? Infinity) - m.hi)
        expect([rule.id, margin]).toEqual([rule.id, expect.closeTo(nearer, 2)])
      }
    }),
    { seed: 7, numRuns: 300 },
  )
  expect([...seen].toSorted()).toEqual([
    'R129-booster-floor', 'R129-forward-age', 'R129-forward-stature', 'R129-mass-max', 'R129-stature-range', 'belt-guide',
    'buckle-frame', 'crown-margin', 'harness-slack', 'isofix-mass-sum', 'leg-lift', 'place-leg-range', 'shell-angle',
    'shell-angle-ceiling', 'shoulder-range', 'steadiness', 'tether-tension',
  ]) // prettier-ignore
})

describe('room to grow', () => {
  const outcome = (over: object): Outcome =>
    ({ kind: 'pass', says: { message: 'x', data: undefined }, ...over }) as Outcome
  test.each<[string, object, number]>([
    ['of a range the upper end counts', { measured: { lo: 62, hi: 63 }, range: { from: 61, to: 105 }, limit: 61, margin: 1 }, 42 / 105],
    ['a range without an upper end has all the room', { measured: { lo: 77, hi: 78 }, range: { from: 76 }, limit: 76, margin: 1 }, Infinity],
    ['a single upper limit', { measured: { lo: 17, hi: 17.1 }, limit: 18, margin: 0.9 }, 0.05],
    ['a single lower limit', { measured: { lo: 9.1, hi: 9.2 }, limit: 9, margin: 0.1 }, Infinity],
    ['a lower limit that is not certain yet', { measured: { lo: 8.9, hi: 9.2 }, limit: 9, margin: -0.1 }, Infinity],
    ['an upper limit that is not certain any more', { measured: { lo: 17.9, hi: 18.1 }, limit: 18, margin: -0.1 }, -0.1 / 18],
    ['nothing measured', { limit: 18, margin: 0.9 }, 0.05],
    ['no limit', { measured: { lo: 1, hi: 2 } }, Infinity],
  ])('%s', (_, over, room) => expect(roomToGrow(outcome(over))).toBeCloseTo(room, 9)) // prettier-ignore
})

describe('what a child has only just grown into is not about to be outgrown', () => {
  const shelf = (over: Partial<Mode>) => [
    buildStatedMode({ id: 'long-since', ...over }),
    buildStatedMode({ id: 'just-now', label: 'Just now', ...over, statureCm: { from: 78, to: 105 } }),
  ]
  const ranked = (statureCm: number, over: Partial<Mode> = {}) => {
    const c = buildCase({ child: { statureCm: measured(statureCm, 0) } })
    const basis = { practice: c.practice }
    const [upper, lower] = rankModes(matchAll(c, [{ model: buildModel(shelf(over)), unit: buildUnit() }]), basis)
    return [upper!.mode.id, whyAbove(upper!, lower!, basis)]
  }
  test('79 cm in a range from 78 cm: the order is that of the room, and nobody speaks of outgrowing', () => {
    expect(ranked(79)).toEqual([
      'long-since',
      'it has more room to its nearest limit (8.5 kg from 33 against 1 cm from 78)',
    ])
  })
  test('101 cm in a range to 105 cm: both will be outgrown, and nothing tells them apart', () => {
    expect(ranked(101)[1]).toBe('nothing tells them apart; by name')
  })
})
