import { IsoDate } from '../ground/index.ts'
import { buildChild, TODAY } from '../../test/build.ts'
import { ageMonthsOf, headControlOf, isPreterm, measured, slipsIn, toInterval } from '../index.ts'

test.each([
  [7, 110, undefined, 1],
  [20, 110, undefined, 0],
  [3.4, 50, undefined, 0],
  [45, 100, undefined, 1],
  [20, 110, 300, 1],
  [20, 110, 400, 0],
  [20, 110, 640, 1],
  [7, 110, 640, 2],
])('%s kg, %s cm, shoulder %s mm: %s slips', (kg, cm, shoulder, count) => {
  const child = buildChild({
    massKg: measured(kg),
    statureCm: measured(cm),
    seatedShoulderHeightMm: shoulder ? measured(shoulder) : undefined,
  })
  expect(slipsIn(child)).toHaveLength(count)
})

test('a slip names both numbers', () => {
  expect(slipsIn(buildChild({ massKg: measured(7), statureCm: measured(110) }))[0]?.text).toContain('7 kg and 110 cm')
})

test('without a stature nothing is compared', () => {
  expect(slipsIn(buildChild({ statureCm: undefined }))).toEqual([])
})

test('age comes from the day of birth, else from what was told', () => {
  expect(ageMonthsOf(buildChild({ dateOfBirth: IsoDate('2025-11-25') }), TODAY)).toEqual({ lo: 12, hi: 12 })
  expect(ageMonthsOf(buildChild({ dateOfBirth: undefined, ageMonths: measured(14, 1) }), TODAY)).toEqual({
    lo: 13,
    hi: 15,
  })
  expect(ageMonthsOf(buildChild({ dateOfBirth: undefined }), TODAY)).toBeUndefined()
})

test.each([
  ['2026-08-01', undefined, 'none'],
  ['2026-06-01', undefined, 'unknown'],
  ['2026-02-01', undefined, 'steady'],
  ['2026-08-01', 'steady', 'steady'],
] as const)('born %s, told %s: head control %s', (dateOfBirth, headControl, expected) => {
  expect(headControlOf(buildChild({ dateOfBirth: IsoDate(dateOfBirth), headControl }), TODAY)).toBe(expected)
})

test('under 37 completed weeks is preterm', () => {
  expect([36, 37, undefined].map((bornAtWeeks) => isPreterm(buildChild({ bornAtWeeks })))).toEqual([true, false, false])
})

test('an interval is taken as it stands', () => {
  expect(toInterval({ from: 280, to: 310, source: 'estimated' })).toEqual({ lo: 280, hi: 310 })
  expect(toInterval(undefined)).toBeUndefined()
})
