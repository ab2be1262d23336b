import fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { buildChild, TODAY } from '../../test/build.ts'
import { addDays, addMonths, measured } from '../index.ts'
import { centileOfZ } from './lms.ts'
import {
  centileText,
  growthAgeMonths,
  growthSlips,
  growthStanding,
  lmsAt,
  valueAtZ,
  zScore,
  type GrowthMeasure,
  type Sex,
} from './index.ts'

interface Check {
  reference: string
  sex: Sex
  measure: 'weight' | 'length' | 'height'
  ageMonths: number
  value: number
  z: number
  zTolerance: number
  centile: number
}
const CHECKS = JSON.parse(readFileSync(join(__dirname, '../../test/growth-checks.json'), 'utf8')) as Check[]

test.each(CHECKS)('$reference, $sex $measure at $ageMonths months: $value is z $z', (c) => {
  const lms = lmsAt(c.measure === 'weight' ? 'massKg' : 'statureCm', c.sex, c.ageMonths)!
  expect(Math.abs(zScore(lms, c.value) - c.z)).toBeLessThanOrEqual(c.zTolerance + 1e-9)
  expect(centileOfZ(c.z)).toBeCloseTo(c.centile, 1)
})

test.each<[GrowthMeasure, number, 'published' | 'derived' | 'none']>([
  ['massKg', -0.1, 'none'],
  ['massKg', 0, 'published'],
  ['massKg', 120, 'published'],
  ['massKg', 120.5, 'derived'],
  ['massKg', 144, 'derived'],
  ['massKg', 144.1, 'none'],
  ['statureCm', 23.99, 'published'],
  ['statureCm', 24, 'published'],
  ['statureCm', 228, 'published'],
  ['statureCm', 228.1, 'none'],
])('%s at %s months: %s', (measure, months, kind) => {
  const lms = lmsAt(measure, 'female', months)
  expect(lms === undefined ? 'none' : lms.isDerived ? 'derived' : 'published').toBe(kind)
})

test('the seam at 24 months steps from lying length to standing height, about 0.7 cm', () => {
  const step = lmsAt('statureCm', 'male', 23.9999)!.m - lmsAt('statureCm', 'male', 24)!.m
  expect(step).toBeCloseTo(0.7, 2)
})

test('a value leads to its z-score and back, and a larger value never stands lower', () => {
  const months = fc.double({ min: 0, max: 144, noNaN: true })
  const z = fc.double({ min: -3.5, max: 3.5, noNaN: true })
  fc.assert(
    fc.property(
      months,
      z,
      z,
      fc.constantFrom<Sex>('female', 'male'),
      fc.constantFrom<GrowthMeasure>('massKg', 'statureCm'),
      (age, a, b, sex, measure) => {
        const lms = lmsAt(measure, sex, age)!
        expect(zScore(lms, valueAtZ(lms, a))).toBeCloseTo(a, 6)
        expect(valueAtZ(lms, Math.max(a, b))).toBeGreaterThanOrEqual(valueAtZ(lms, Math.min(a, b)))
      },
    ),
    { seed: 31, numRuns: 300 },
  )
})

describe('standing of a child', () => {
  const girl = buildChild({ sex: 'female', dateOfBirth: addDays(TODAY, -Math.round(16 * 30.4375)) })
  test('sex known: one centile for an exact value; unknown: both, widened', () => {
    const known = growthStanding({ ...girl, massKg: measured(10) }, TODAY, 'massKg')!
    const unknown = growthStanding({ ...girl, sex: undefined, massKg: measured(10) }, TODAY, 'massKg')!
    expect(known.centile.lo).toBeCloseTo(known.centile.hi, 6)
    expect([known.isBothSexes, unknown.isBothSexes]).toEqual([false, true])
    expect(unknown.centile.lo).toBeLessThan(known.centile.lo)
    expect(unknown.centile.hi).toBeGreaterThanOrEqual(known.centile.hi)
  })
  test('nothing is said without an age, a value, or a table', () => {
    expect(growthStanding({ ...girl, dateOfBirth: undefined }, TODAY, 'massKg')).toBeUndefined()
    expect(growthStanding({ ...girl, massKg: undefined }, TODAY, 'massKg')).toBeUndefined()
    expect(growthStanding({ ...girl, dateOfBirth: addMonths(TODAY, -160) }, TODAY, 'massKg')).toBeUndefined()
  })
  test.each([
    [33, 5, true],
    [36, 23, true],
    [33, 24.5, false],
    [37, 5, false],
  ])('born at %s weeks, %s months ago: compared by corrected age: %s', (bornAtWeeks, months, isCorrected) => {
    const dateOfBirth = addDays(TODAY, -Math.round(months * 30.4375))
    const age = growthAgeMonths(buildChild({ bornAtWeeks, dateOfBirth }), TODAY)!
    const early = isCorrected ? ((40 - bornAtWeeks) * 7) / 30.4375 : 0
    expect(age.lo).toBeCloseTo(months - early, 1)
    expect(growthStanding(buildChild({ bornAtWeeks, dateOfBirth }), TODAY, 'massKg')?.isCorrected).toBe(isCorrected)
  })
  test('corrected age never goes below birth', () => {
    expect(growthAgeMonths(buildChild({ bornAtWeeks: 30, dateOfBirth: addDays(TODAY, -7) }), TODAY)).toEqual({
      lo: 0,
      hi: 0,
    })
  })
  test('centiles are said without false exactness', () => {
    const text = (lo: number, hi: number) => centileText({ centile: { lo, hi } } as never)
    expect([text(34.2, 34.4), text(28.6, 41), text(0.2, 3), text(99.4, 99.9)]).toEqual([
      'centile 34',
      'centile 29 to 41',
      'centile below 1 to 3',
      'centile above 99',
    ])
  })
})

describe('slips', () => {
  const at = (z: number, sex: Sex = 'male') => valueAtZ(lmsAt('massKg', sex, 16)!, z)
  const child = (massKg: number, sex: Sex | undefined = 'male') =>
    buildChild({ sex, dateOfBirth: addDays(TODAY, -487), statureCm: measured(79), massKg: measured(massKg) })
  test.each([
    [-4.1, 1],
    [-3.9, 0],
    [3.9, 0],
    [4.1, 1],
  ])('a mass at %s SD: %s', (z, count) => {
    expect(growthSlips(child(at(z)), TODAY)).toHaveLength(count)
  })
  test('a doubt about the value or the sex is given to the child', () => {
    expect(growthSlips({ ...child(at(4.1)), massKg: measured(at(4.1), 1) }, TODAY)).toEqual([])
    expect(growthSlips({ ...child(at(-4.1)), sex: undefined }, TODAY)).toEqual([])
  })
  test('the sentence names the number and the side', () => {
    expect(growthSlips(child(30), TODAY)[0]).toContain('A mass of 30 kg is more than 4 standard deviations above')
  })
})
