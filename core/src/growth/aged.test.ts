import fc from 'fast-check'
import { ask, buildCase, buildChild, TODAY } from '../../test/build.ts'
import { addDays, addMonths, measured, type Child } from '../index.ts'
import { holdsForDays, measuresOn, outdatedMeasures } from './aged.ts'

test.each([
  [undefined, 14],
  [5.9, 14],
  [6, 30],
  [11.9, 30],
  [12, 60],
  [23.9, 60],
  [24, 90],
  [47.9, 90],
  [48, 120],
  [150, 120],
])('taken at %s months a reading holds for %s days', (months, days) => expect(holdsForDays(months)).toBe(days))

const taken = (massKg: number, daysAgo: number, months: number, over: Partial<Child> = {}): Child =>
  buildChild({
    dateOfBirth: addDays(addMonths(TODAY, -months), -daysAgo),
    massKg: { ...measured(massKg, 0.1), on: addDays(TODAY, -daysAgo) },
    statureCm: { ...measured(80, 0.5), on: addDays(TODAY, -daysAgo) },
    seatedShoulderHeightMm: { ...measured(300, 4), on: addDays(TODAY, -daysAgo) },
    ...over,
  })

test.each([
  [16, 60, false],
  [16, 61, true],
  [30, 90, false],
  [30, 91, true],
  [3, 14, false],
  [3, 15, true],
])('measured at %s months, %s days ago: widened %s, at its upper end only', (months, days, isWide) => {
  const child = taken(10, days, months)
  const now = measuresOn(child, TODAY)
  expect(now.massKg!.lo).toBe(9.9)
  expect(now.massKg!.hi > 10.1).toBe(isWide)
  expect(now.statureCm!.hi > 80.5).toBe(isWide)
  expect(now.shoulderMm!.hi > 304).toBe(isWide)
  expect(outdatedMeasures(child, TODAY)).toEqual(isWide ? ['massKg', 'statureCm', 'seatedShoulderHeightMm'] : [])
})

test('an old figure decides what is far from a limit, and never what is near', () => {
  const at = (massKg: number, daysAgo: number) =>
    ask('R129-mass-max', buildCase({ child: taken(massKg, daysAgo, 16), mode: { massKg: { to: 18 } } }))
  expect(at(17.8, 10)).toMatchObject({ kind: 'pass' })
  expect(at(17.8, 100)).toMatchObject({ kind: 'undecided', missing: ['child.massKg'] })
  expect(at(10, 100)).toMatchObject({ kind: 'pass' })
  expect(at(19, 100)).toMatchObject({ kind: 'fail' })
})

test('a measure without a day is as old as its case', () => {
  expect(measuresOn(buildChild({ massKg: measured(10, 0.1) }), TODAY).massKg).toEqual({ lo: 9.9, hi: 10.1 })
})

test('the older the reading, the wider; nobody shrinks; outside the tables the fastest growth counts', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 120 }),
      fc.integer({ min: 0, max: 300 }),
      fc.integer({ min: 0, max: 300 }),
      (months, a, b) => {
        const [less, more] = [Math.min(a, b), Math.max(a, b)]
        const hi = (daysAgo: number) => {
          const child = buildChild({
            dateOfBirth: addDays(addMonths(TODAY, -months), -more),
            massKg: { ...measured(9, 0.1), on: addDays(TODAY, -daysAgo) },
          })
          return measuresOn(child, TODAY).massKg!.hi
        }
        expect(hi(less)).toBeGreaterThanOrEqual(9.1)
        expect(hi(more)).toBeGreaterThanOrEqual(9.1)
      },
    ),
    { seed: 3, numRuns: 200 },
  )
  const unknown = buildChild({
    dateOfBirth: undefined,
    ageMonths: undefined,
    massKg: { ...measured(9, 0.1), on: addDays(TODAY, -60) },
  })
  expect(measuresOn(unknown, TODAY).massKg!.hi).toBeGreaterThan(10)
})
