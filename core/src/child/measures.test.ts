import fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { buildChild } from '../../test/build.ts'
import { bodyAt, bodyPartAt, massOf, measured, seatedShoulderOf, sittingHeightOf, statureOf } from '../index.ts'

interface Reference {
  readonly rows: readonly (readonly number[])[]
  readonly dummies: readonly { name: string; statureCm?: number; sittingHeightMm: number; shoulderHeightMm: number }[]
}
const reference = JSON.parse(readFileSync(join(__dirname, '../../test/body-dimensions.json'), 'utf8')) as Reference

test.each(reference.rows.map((row) => [...row]))(
  'at %s cm the body is as the table says',
  (cm, sitting95, _b, _h, low, high) => {
    const { shoulderMm, sittingMm } = bodyAt(cm!)
    expect(sittingMm.hi).toBeCloseTo(sitting95! * 10, 6)
    expect(shoulderMm.hi).toBeCloseTo(high! * 10, 6)
    // Below 75 cm the low end is widened for small babies.
    if (cm! >= 75) expect(shoulderMm.lo).toBeCloseTo(low! * 10, 6)
    else expect(shoulderMm.lo).toBeLessThan(low! * 10)
  },
)

test.each(reference.dummies.map((d) => [d.name, d.statureCm ?? 50, d.shoulderHeightMm, d.sittingHeightMm]))(
  'dummy %s of %s cm sits within what is estimated of its stature, or within a centimetre of it',
  (_, cm, shoulder, sitting) => {
    const body = bodyAt(cm as number)
    expect(shoulder).toBeGreaterThanOrEqual(body.shoulderMm.lo - 10)
    expect(shoulder).toBeLessThanOrEqual(body.shoulderMm.hi + 10)
    expect(sitting).toBeGreaterThanOrEqual(body.sittingMm.lo - 15)
    expect(sitting).toBeLessThanOrEqual(body.sittingMm.hi + 15)
  },
)

test('a taller child never sits lower, at any share', () => {
  const cm = fc.double({ min: 35, max: 170, noNaN: true })
  fc.assert(
    fc.property(
      cm,
      cm,
      fc.double({ min: -0.5, max: 1.5, noNaN: true }),
      fc.constantFrom('shoulderMm' as const, 'sittingMm' as const),
      (a, b, share, part) => {
        const [small, tall] = a < b ? [a, b] : [b, a]
        expect(bodyPartAt(tall, part, share)).toBeGreaterThanOrEqual(bodyPartAt(small, part, share) - 1e-9)
      },
    ),
    { seed: 5, numRuns: 500 },
  )
})

test.each([
  [undefined, { lo: 10.3, hi: 10.5 }],
  ['bare', { lo: 10.3, hi: 10.5 }],
  ['indoor-clothes', { lo: 9.5, hi: 10.3 }],
  ['outdoor-clothes', { lo: 8.3, hi: 9.9 }],
] as const)('10.4 ± 0.1 kg weighed %s is %j of child', (weighedIn, mass) => {
  expect(massOf(buildChild({ weighedIn }))).toEqual(mass)
})

test.each([
  ['barefoot', { lo: 78.5, hi: 79.5 }],
  ['shoes', { lo: 75.5, hi: 78.5 }],
] as const)('79 ± 0.5 cm in %s is %j of child', (measuredIn, stature) => {
  expect(statureOf(buildChild({ measuredIn }))).toEqual(stature)
})

test('a seated height is the measured one, else an estimate that says so, else nothing', () => {
  expect(seatedShoulderOf(buildChild())).toEqual({ mm: { lo: 296, hi: 304 }, isEstimated: false })
  const unmeasured = buildChild({ seatedShoulderHeightMm: undefined, statureCm: measured(80) })
  expect(seatedShoulderOf(unmeasured)).toEqual({ mm: { lo: 292, hi: 326 }, isEstimated: true })
  expect(sittingHeightOf(unmeasured)).toEqual({ mm: { lo: 461.7, hi: 513 }, isEstimated: true })
  expect(seatedShoulderOf({ ...unmeasured, statureCm: undefined })).toBeUndefined()
})
