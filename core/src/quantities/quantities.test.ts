import { IsoDate } from '../ground/index.ts'
import fc from 'fast-check'
import {
  addDays,
  addMonths,
  ageInMonths,
  compare,
  daysBetween,
  every,
  formatAge,
  formatInterval,
  formatNumber,
  interval,
  marginWithin,
  quantitySchema,
  some,
  toInterval,
  within,
  type Wording,
} from './index.ts'

test.each([
  ['at-least', 9, 9, 'pass'],
  ['at-least', 8.99, 8.99, 'fail'],
  ['at-least', 8.9, 9, 'undecided'],
  ['more-than', 15, 15, 'fail'],
  ['more-than', 15.01, 15.2, 'pass'],
  ['more-than', 15, 15.1, 'undecided'],
  ['at-most', 18, 18, 'pass'],
  ['at-most', 18.01, 18.2, 'fail'],
  ['at-most', 17.9, 18.1, 'undecided'],
  ['less-than', 13, 13, 'fail'],
  ['less-than', 12.9, 12.99, 'pass'],
] as const)('%s the limit: %s to %s gives %s', (wording, lo, hi, kind) => {
  const limit = { 'at-least': 9, 'more-than': 15, 'at-most': 18, 'less-than': 13 }[wording]
  expect(compare(interval(lo, hi), wording, limit)).toBe(kind)
})

test('what is not measured is undecided, against any limit', () => {
  expect(compare(undefined, 'at-most', 1e9)).toBe('undecided')
  expect(within(undefined, 0, 1e9)).toBe('undecided')
  expect(marginWithin(undefined, 0, 1)).toBeUndefined()
})

test('one failure decides for all, one pass for any, and any of nothing fails', () => {
  expect(every(['pass', 'undecided', 'fail'])).toBe('fail')
  expect(every(['pass', 'undecided'])).toBe('undecided')
  expect(every([])).toBe('pass')
  expect(some(['fail', 'undecided'])).toBe('undecided')
  expect(some(['fail', 'pass'])).toBe('pass')
  expect(some([])).toBe('fail')
})

const sorted = fc
  .tuple(fc.double({ min: -500, max: 500, noNaN: true }), fc.double({ min: -500, max: 500, noNaN: true }))
  .map(([a, b]) => interval(Math.min(a, b), Math.max(a, b)))
const wording = fc.constantFrom<Wording>('at-least', 'more-than', 'at-most', 'less-than')

test('narrowing an interval never flips a decided comparison', () => {
  fc.assert(
    fc.property(
      sorted,
      wording,
      fc.integer({ min: -500, max: 500 }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (wide, word, limit, p, q) => {
        const at = (t: number) => wide.lo + t * (wide.hi - wide.lo)
        const narrow = interval(Math.min(at(p), at(q)), Math.max(at(p), at(q)))
        const before = compare(wide, word, limit)
        if (before !== 'undecided' && narrow.lo >= wide.lo && narrow.hi <= wide.hi)
          expect(compare(narrow, word, limit)).toBe(before)
      },
    ),
    { seed: 7, numRuns: 500 },
  )
})

test('9.1 − 0.1 meets a limit of 9, in spite of binary fractions', () => {
  expect(compare(toInterval({ value: 9.1, plusMinus: 0.1, source: 'measured' }), 'at-least', 9)).toBe('pass')
})

test.each([
  ['2025-08-25', '2026-11-25', 15],
  ['2025-08-25', '2026-11-24', 14 + 30 / 31],
  ['2024-01-31', '2024-02-29', 1],
  ['2026-11-25', '2026-11-25', 0],
  ['2024-02-29', '2025-02-28', 12],
])('born %s, on %s, is %s months old', (birth, today, months) => {
  expect(ageInMonths(IsoDate(birth), IsoDate(today))).toBeCloseTo(months, 10)
})

test('age never falls as days pass, and a birth after today is refused', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 4000 }), fc.integer({ min: 0, max: 5000 }), (start, days) => {
      const birth = addDays(IsoDate('2020-01-01'), start)
      expect(ageInMonths(birth, addDays(birth, days + 1))).toBeGreaterThan(ageInMonths(birth, addDays(birth, days)))
      expect(daysBetween(birth, addDays(birth, days))).toBe(days)
    }),
    { seed: 11, numRuns: 200 },
  )
  expect(() => ageInMonths(IsoDate('2026-11-26'), IsoDate('2026-11-25'))).toThrow(/after/)
  expect(addMonths(IsoDate('2026-01-31'), 1)).toBe('2026-02-28')
  expect(addMonths(IsoDate('2026-01-15'), -2)).toBe('2025-11-15')
})

test('an interval out of order or not finite is our own fault and throws', () => {
  expect(() => interval(2, 1)).toThrow(/in order/)
  expect(() => interval(0, Number.POSITIVE_INFINITY)).toThrow(/finite/)
})

test.each([
  [{ value: 10, plusMinus: 0.1, source: 'measured' }, true],
  [{ from: 9, to: 11, source: 'estimated' }, true],
  [{ from: 11, to: 9, source: 'estimated' }, false],
  [{ value: 10, from: 9, to: 11, source: 'told' }, false],
  [{ source: 'told' }, false],
  [{ from: 9, to: 11, plusMinus: 1, source: 'told' }, false],
  [{ value: 0.4, source: 'measured' }, false],
  [{ value: 80, source: 'measured' }, true],
  [{ value: 80.1, source: 'measured' }, false],
  [{ value: 10, plusMinus: -1, source: 'measured' }, false],
  [{ value: 10, source: 'guessed' }, false],
  [{ value: 10, source: 'measured', unit: 'kg' }, false],
])('quantity %j is valid: %s', (quantity, isValid) => {
  expect(quantitySchema({ min: 0.5, max: 80, unit: 'kg' }).safeParse(quantity).success).toBe(isValid)
})

test('numbers are written with a true minus and no false exactness', () => {
  expect(formatNumber(-0.04)).toBe('0')
  expect(formatNumber(-2.5)).toBe('−2.5')
  expect(formatInterval(interval(10.38, 10.42), 'kg')).toBe('10.4 ± 0.02 kg')
  expect(formatInterval(interval(3, 3), 'mm')).toBe('3 mm')
  expect([formatAge(1), formatAge(16.9), formatAge(24), formatAge(37)]).toEqual([
    '4 weeks',
    '16 months',
    '2 years',
    '3 years 1 month',
  ])
})
