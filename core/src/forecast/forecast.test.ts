import fc from 'fast-check'
import {
  buildCase,
  buildChild,
  buildMode,
  buildModel,
  buildUnit,
  BELT_ROUTE,
  BOOSTER,
  FORWARD,
  TODAY,
} from '../../test/build.ts'
import {
  addMonths,
  bandsOf,
  endingText,
  forecastInput,
  forecastMode,
  forecastSeed,
  growAll,
  growTrajectories,
  lmsAt,
  measured,
  monthsText,
  Passages,
  quantilesText,
  tableAge,
  zScore,
  type Child,
  type ForecastInput,
  type Mode,
} from '../index.ts'

const COUNT = 400
const inputOf = (child: Partial<Child> = {}): ForecastInput => {
  const input = forecastInput(buildChild({ sex: 'female', ...child }), TODAY)
  if (!input) throw new Error('Nothing to forecast from')
  return input
}
const still = (child: Partial<Child>) => {
  const growing = growTrajectories(inputOf(child), { count: 1, seed: 1, drifts: false })
  growing.grow(1)
  return growing.growth
}
const forecast = (mode: Partial<Mode>, child: Partial<Child> = {}, unit = {}, massKg = 10) => {
  const c = buildCase({ mode, child: { sex: 'female', ...child }, unit, model: { massKg } })
  const model = c.restraints[0]!
  return forecastMode(new Passages(growAll(inputOf(child), COUNT)), c, {
    model,
    mode: model.modes[0]!,
    unit: c.units![0],
  })
}

test('the same child gives the same answer; another measure gives another seed', () => {
  const input = inputOf()
  expect(growAll(input, 50).massKg).toEqual(growAll(input, 50).massKg)
  expect(forecastSeed(input)).not.toBe(forecastSeed(inputOf({ massKg: measured(10.5, 0.1) })))
})

test('grown in one part or in many, it is the same', () => {
  const input = inputOf()
  const parts = growTrajectories(input, { count: 30, seed: 7 })
  const done: number[] = []
  while (!parts.grow(7)) done.push(parts.done)
  expect(done).toEqual([7, 14, 21, 28])
  const whole = growTrajectories(input, { count: 30, seed: 7 })
  whole.grow(30)
  expect(parts.growth).toEqual(whole.growth)
  expect(() => growTrajectories(input, { count: 0, seed: 1 })).toThrow(RangeError)
})

test('an exact child that does not drift keeps its centile to the end of the tables', () => {
  const dateOfBirth = addMonths(TODAY, -36)
  const growth = still({ dateOfBirth, massKg: measured(13), statureCm: measured(94) })
  const age = inputOf({ dateOfBirth }).age.lo
  const z = (t: number) => [
    zScore(lmsAt('massKg', 'female', age + t)!, growth.massKg[t]!),
    zScore(lmsAt('statureCm', 'female', age + t)!, growth.statureCm[t]!),
  ]
  const [mass, stature] = z(0)
  for (const t of [1, 24, 60, growth.steps]) {
    expect(z(t)[0]).toBeCloseTo(mass!, 3)
    expect(z(t)[1]).toBeCloseTo(stature!, 3)
  }
  expect(growth.steps).toBe(Math.floor(144 - age))
})

test('nobody shrinks, at the seam from lying to standing neither', () => {
  const { statureCm, massKg, steps, count } = growAll(inputOf({ dateOfBirth: addMonths(TODAY, -22) }), 60)
  for (let i = 0; i < count; i += 1) {
    for (let t = 1; t <= steps; t += 1) {
      const k = i * (steps + 1) + t
      expect(statureCm[k]!).toBeGreaterThanOrEqual(statureCm[k - 1]!)
      expect(massKg[k]!).toBeGreaterThanOrEqual(massKg[k - 1]!)
    }
  }
})

test('bands hold the measure today, widen, and keep their order', () => {
  const bands = bandsOf(growAll(inputOf(), COUNT), 'statureCm', 12)
  expect(bands[0]!.p10).toBeGreaterThanOrEqual(78.5)
  expect(bands[0]!.p90).toBeLessThanOrEqual(79.5)
  for (const { p10, p50, p90 } of bands) expect([p10, p50, p90]).toEqual([p10, p50, p90].toSorted((a, b) => a - b))
  const width = (i: number) => bands[i]!.p90 - bands[i]!.p10
  expect(width(4)).toBeGreaterThan(width(1))
})

test.each([
  [10, 2, 8],
  [23.9, 2, 21.9],
  [30, 2, 29],
  [36, 2, 36],
  [1, 2, 0],
  [30, 0, 30],
])('calendar age %s, %s months early: table age %s', (calendar, early, expected) => {
  expect(tableAge(calendar, early)).toBeCloseTo(expected, 6)
})

test('preterm counts until 24 months, and only preterm', () => {
  const early = (bornAtWeeks: number, months: number) =>
    inputOf({ bornAtWeeks, dateOfBirth: addMonths(TODAY, -months) }).earlyMonths
  expect(early(32, 10)).toBeCloseTo(1.84, 2)
  expect(early(32, 25)).toBe(0)
  expect(early(37, 10)).toBe(0)
})

test('without an age, or without both measures, or past the tables, there is no forecast', () => {
  const input = (child: Partial<Child>) => forecastInput(buildChild(child), TODAY)
  expect(input({ dateOfBirth: undefined })).toBeUndefined()
  expect(input({ massKg: undefined, statureCm: undefined })).toBeUndefined()
  expect(input({ dateOfBirth: addMonths(TODAY, -145) })).toBeUndefined()
  expect(input({ massKg: undefined })).toBeDefined()
})

test('a missing mass is drawn from the stature, and is wider than a measured one', () => {
  const spread = (child: Partial<Child>) => {
    const { p10, p90 } = bandsOf(growAll(inputOf(child), COUNT), 'massKg', 12)[0]!
    return p90 - p10
  }
  expect(spread({ massKg: undefined })).toBeGreaterThan(4 * spread({}))
  expect(spread({ sex: undefined })).toBeGreaterThan(0)
})

test('a told age is drawn from its whole interval', () => {
  const { ageMonths } = growAll(inputOf({ dateOfBirth: undefined, ageMonths: measured(16, 2) }), 80)
  expect(Math.min(...ageMonths)).toBeLessThan(14.5)
  expect(Math.max(...ageMonths)).toBeGreaterThan(17.5)
})

describe('months left', () => {
  test('a mode that ends by stature names that limit, and in order P10 ≤ P50 ≤ P90', () => {
    const { left, endsBy, opensIn, shareEverOpen } = forecast({
      routes: [BELT_ROUTE],
      massKg: undefined,
      strap: undefined,
    })
    expect(endsBy[0]).toMatchObject({ ruleId: 'R129-stature-range', quantity: 'statureCm', limit: 105 })
    expect(left.p10).toBeLessThanOrEqual(left.p50)
    expect(left.p50).toBeLessThanOrEqual(left.p90)
    // By the tables a girl of 79 cm at 16 months is 105 cm at about 51 months.
    expect(left.p50).toBeGreaterThan(28)
    expect(left.p50).toBeLessThan(42)
    expect(opensIn).toEqual({ p10: 0, p50: 0, p90: 0 })
    expect(shareEverOpen).toBe(1)
  })

  test('a higher limit never ends earlier', () => {
    const passages = new Passages(growAll(inputOf(), 40))
    fc.assert(
      fc.property(
        fc.constantFrom('massKg' as const, 'statureCm' as const, 'shoulderMm' as const, 'sittingMm' as const),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (quantity, a, b) => {
          const [from, to] = { massKg: [5, 60], statureCm: [60, 170], shoulderMm: [200, 600], sittingMm: [350, 900] }[
            quantity
          ] as [number, number]
          const [low, high] = [Math.min(a, b), Math.max(a, b)].map((x) => from + x * (to - from)) as [number, number]
          const lower = passages.of({ quantity, wording: 'at-most', limit: low })
          const upper = passages.of({ quantity, wording: 'at-most', limit: high })
          expect(lower.every((x, i) => x <= upper[i]!)).toBe(true)
        },
      ),
      { seed: 8, numRuns: 100 },
    )
  })

  test('a limit passed already leaves nothing; one just met still holds', () => {
    const exact = { massKg: measured(10.4), statureCm: measured(79) }
    const byMassOf = (to: number) =>
      forecast({ massKg: { to }, routes: [BELT_ROUTE], strap: undefined }, exact).left.p90
    expect(byMassOf(10.3)).toBe(0)
    expect(byMassOf(10.4)).toBeGreaterThan(0)
  })

  test('the last route to end ends the mode: 33 kg on ISOFIX binds only where every route is by ISOFIX', () => {
    const wide: Partial<Mode> = { massKg: undefined, statureCm: { from: 61, to: 170 }, strap: undefined }
    const isofix = forecast(wide, {}, {}, 14.6)
    expect(isofix.endsBy.some((e) => e.ruleId === 'isofix-mass-sum' && e.limit === 18.4)).toBe(true)
    const both = forecast({ ...wide, routes: [...buildMode().routes, BELT_ROUTE] }, {}, {}, 14.6)
    expect(both.endsBy.some((e) => e.ruleId === 'isofix-mass-sum')).toBe(false)
  })

  test('the unit’s life ends it for every child on the same day', () => {
    const { left, endsBy } = forecast(
      { routes: [BELT_ROUTE], strap: undefined },
      {},
      { lifeEndsOn: addMonths(TODAY, 6) },
    )
    expect(endsBy).toEqual([{ ruleId: 'unit-in-life', quantity: 'daysFromToday', limit: 181, share: 1 }])
    expect(left.p10).toBe(left.p90)
    expect(left.p50).toBeCloseTo(5.98, 1)
  })

  test('a mode for later says when it opens: forward at 15 months and 76 cm, a booster at 100 cm', () => {
    const young = { dateOfBirth: addMonths(TODAY, -10), massKg: measured(9, 0.1), statureCm: measured(73, 0.5) }
    const turned = forecast({ ...FORWARD, routes: [BELT_ROUTE], strap: undefined }, young)
    expect(turned.opensIn.p10).toBeCloseTo(5, 0)
    expect(turned.opensIn.p50).toBeGreaterThanOrEqual(turned.opensIn.p10)
    expect(forecast(BOOSTER).opensIn.p50).toBeGreaterThan(24)
  })

  test('a gap that the child outgrows before it opens is seen: it is never open', () => {
    const { shareEverOpen } = forecast({
      statureCm: { from: 90, to: 105 },
      massKg: { to: 10.5 },
      routes: [BELT_ROUTE],
      strap: undefined,
    })
    expect(shareEverOpen).toBeLessThan(0.2)
  })

  test('a model’s two modes end where their own limits say', () => {
    const c = buildCase()
    const passages = new Passages(growAll(inputOf(), COUNT))
    const model = buildModel([buildMode({ id: 'short', statureCm: { from: 61, to: 87 } }), buildMode({ id: 'long' })])
    const [short, long] = model.modes.map((mode) => forecastMode(passages, c, { model, mode, unit: buildUnit() }))
    expect(short!.left.p90).toBeLessThan(long!.left.p10)
  })
})

test.each([
  [0.4, 'under 1 month'],
  [1, '1 month'],
  [14.9, '14 months'],
  [35.9, '35 months'],
  [36, '3 years'],
  [45, '3.5 years'],
  [Infinity, 'beyond the tables'],
])('%s months: %s', (months, text) => expect(monthsText(months)).toBe(text))

test.each([
  [9, 14, 20, '14 months (9 to 20)'],
  [14.2, 14.5, 14.8, '14 months'],
  [30, 37, 44, '3 years (30 months to 3.5 years)'],
  [30, Infinity, Infinity, '30 months or more'],
  [Infinity, Infinity, Infinity, 'longer than the tables reach'],
])('P10 %s, P50 %s, P90 %s: %s', (p10, p50, p90, text) => expect(quantilesText({ p10, p50, p90 })).toBe(text))

test('what ends a mode is named with its unit', () => {
  expect(endingText({ quantity: 'statureCm', limit: 105 })).toBe('stature 105 cm')
  expect(endingText({ quantity: 'daysFromToday', limit: 90 })).toBe('life of the unit')
})
