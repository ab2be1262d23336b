import fc from 'fast-check'
import { buildChild, buildLeg, buildMode, FORWARD, TODAY } from '../../test/build.ts'
import {
  addDays,
  addMonths,
  exactly,
  interval,
  type Child,
  type Mode,
  type PracticeProfile,
  type StrapRule,
} from '../index.ts'
import {
  adviseInserts,
  adviseNotch,
  adviseStrapHeight,
  angleBand,
  frontClearanceMm,
  insertThicknessMm,
  judgeStrapHeight,
  largestAngleDeg,
  legLengthNeededMm,
  liftMm,
  notchLengthMm,
  shellAngleDeg,
  shellReachMm,
  isByAirway,
  wedgeAngleDeg,
} from './index.ts'

const bandOf = (mode: Mode, child: Child, infantAngle: PracticeProfile['infantAngle'] = undefined) =>
  angleBand({ mode, child, today: TODAY, practice: { infantAngle } })

describe('shell angle', () => {
  test.each([
    ['rearward', 45, 12, 0, 33],
    ['rearward', 45, -5, 0, 50],
    ['rearward', 36, 12, 6, 30],
    ['forward', 20, 12, 0, 32],
    ['forward', 20, 12, 6, 26],
    ['lateral', 45, 12, 0, 33],
  ] as const)('%s: recline %s°, slope %s°, wedge %s° gives %s°', (direction, reclineDeg, slope, wedgeDeg, angle) => {
    const got = shellAngleDeg({ reclineDeg, slopeDeg: exactly(slope), wedgeDeg, direction })
    expect(got).toEqual({ lo: angle, hi: angle })
  })
  test('a 40 mm wedge under a 380 mm base is 6.0°', () => {
    expect(wedgeAngleDeg(40, 380)).toBeCloseTo(6.009, 3)
  })
  test('more slope never makes a rearward shell more reclined, nor a forward one less', () => {
    const deg = fc.double({ min: -15, max: 40, noNaN: true })
    fc.assert(
      fc.property(deg, deg, (a, b) => {
        const at = (slope: number, direction: 'rearward' | 'forward') =>
          shellAngleDeg({ reclineDeg: 40, slopeDeg: exactly(slope), wedgeDeg: 0, direction }).lo
        const [flat, steep] = a < b ? [a, b] : [b, a]
        expect(at(steep, 'rearward')).toBeLessThanOrEqual(at(flat, 'rearward'))
        expect(at(steep, 'forward')).toBeGreaterThanOrEqual(at(flat, 'forward'))
      }),
      { seed: 5, numRuns: 200 },
    )
  })
  test.each([
    [2, undefined, { fromDeg: 40, toDeg: 45 }],
    [4, undefined, 'ask-head-control'],
    [8.9, undefined, 'ask-head-control'],
    [4, 'steady', { fromDeg: 30, toDeg: 45 }],
    [9, undefined, { fromDeg: 30, toDeg: 45 }],
    [12, undefined, { fromDeg: 20, toDeg: 35 }],
    [20, 'none', { fromDeg: 40, toDeg: 45 }],
  ] as const)('%s months, head control %s', (months, headControl, band) => {
    const child = buildChild({ dateOfBirth: undefined, ageMonths: { value: months, source: 'told' }, headControl })
    const got = bandOf(buildMode(), child)
    if (typeof band === 'string') expect(got).toBe(band)
    else expect(got).toMatchObject(band)
  })
  test.each([
    [2, undefined, 39, { fromDeg: 0, toDeg: 45 }],
    [20, 'none', 39, { fromDeg: 0, toDeg: 45 }],
    [11.9, 'steady', 39, { fromDeg: 0, toDeg: 45 }],
    // Not said is asked in either school; an older child sits in the usual band; the early born in theirs.
    [4.2, undefined, 39, 'ask-head-control'],
    [12, undefined, 39, { fromDeg: 20, toDeg: 35 }],
    [2, 'none', 33, { fromDeg: 40, toDeg: 45 }],
  ] as const)(
    'as upright as the airway allows: %s months, head control %s, born at %s weeks',
    (months, headControl, bornAtWeeks, band) => {
      const dateOfBirth = addDays(TODAY, -Math.floor(months * 30.4375))
      const got = bandOf(buildMode(), buildChild({ dateOfBirth, headControl, bornAtWeeks }), 'upright-as-airway-allows')
      if (typeof band === 'string') expect(got).toBe(band)
      else expect(got).toMatchObject(band)
    },
  )
  test('a preterm child under six months sits as one without head control; the maker’s line wins over all', () => {
    const preterm = buildChild({ bornAtWeeks: 33, dateOfBirth: addMonths(TODAY, -5), headControl: 'steady' })
    expect(bandOf(buildMode(), preterm)).toMatchObject({ fromDeg: 40 })
    expect(bandOf(buildMode({ targetAngleDeg: { from: 28, to: 38 } }), preterm)).toMatchObject({
      statedBy: 'maker',
      fromDeg: 28,
    })
    expect(bandOf(buildMode(FORWARD), preterm)).toBeUndefined()
    // One end is enough; the other is open.
    expect(bandOf(buildMode({ targetAngleDeg: { from: 28 } }), preterm)).toMatchObject({ statedBy: 'maker', fromDeg: 28, toDeg: 90 }) // prettier-ignore
    expect(bandOf(buildMode({ targetAngleDeg: { to: 38 } }), preterm)).toMatchObject({ statedBy: 'maker', fromDeg: 0, toDeg: 38 }) // prettier-ignore
    expect(bandOf(buildMode({ targetAngleDeg: {} }), preterm)).toMatchObject({ statedBy: 'practice' })
  })
  test('an infant born early goes by the airway from six months of corrected age', () => {
    const born = (days: number) => buildChild({ bornAtWeeks: 33, dateOfBirth: addDays(TODAY, -days), headControl: 'none' }) // prettier-ignore
    // Seven weeks early: 1.6 months.
    const [young, older] = [born(Math.floor(7.4 * 30.4375)), born(Math.ceil(7.8 * 30.4375))]
    expect(bandOf(buildMode(), young, 'upright-as-airway-allows')).toMatchObject({ fromDeg: 40, toDeg: 45 })
    const airway = bandOf(buildMode(), older, 'upright-as-airway-allows')
    expect(typeof airway === 'object' && isByAirway(airway)).toBe(true)
  })
  test('one child is asked again on another day, and by another profile; a shell to lie in has no target', () => {
    const child = buildChild({ dateOfBirth: addMonths(TODAY, -11), headControl: 'steady' })
    const mode = buildMode()
    const band = (today: typeof TODAY, infantAngle?: PracticeProfile['infantAngle']) => angleBand({ mode, child, today, practice: { infantAngle } }) // prettier-ignore
    const [now, later] = [band(TODAY), band(addMonths(TODAY, 2))]
    expect([now, later]).toMatchObject([{ fromDeg: 30, toDeg: 45 }, { fromDeg: 20, toDeg: 35 }]) // prettier-ignore
    expect(band(TODAY, 'upright-as-airway-allows')).not.toEqual(now)
    expect(band(TODAY)).toEqual(now)
    expect(bandOf(buildMode({ shape: 'lie-flat' }), child)).toBeUndefined()
  })
  test('only where the profile goes by the airway does a look decide instead of a figure', () => {
    const infant = buildChild({ dateOfBirth: addMonths(TODAY, -2), headControl: 'none' })
    const isBy = (mode: Mode, school: PracticeProfile['infantAngle']) => {
      const band = bandOf(mode, infant, school)
      return typeof band === 'object' && isByAirway(band)
    }
    expect(isBy(buildMode(), 'upright-as-airway-allows')).toBe(true)
    expect(isBy(buildMode(), undefined)).toBe(false)
    expect(isBy(buildMode({ targetAngleDeg: { from: 28 } }), 'upright-as-airway-allows')).toBe(false)
  })
})

describe('support leg', () => {
  // Notches 300, 310 … 480 mm; upright leg, hinge level with the cushion.
  const leg = buildLeg()
  test.each([
    [1, 300],
    [2, 310],
    [19, 480],
  ])('notch %s is %s mm long', (notch, length) => {
    expect(notchLengthMm(leg, notch)).toBe(length)
  })
  test.each([0, 20, 1.5])('notch %s does not exist', (notch) => {
    expect(() => notchLengthMm(leg, notch)).toThrow(/notches 1 to 19/)
  })
  test('L = (C + b) / cos ψ', () => {
    const slanted = buildLeg({ hingeAboveCushionMm: 30, angleFromVerticalDeg: 8 })
    expect(legLengthNeededMm(slanted, exactly(335)).lo).toBeCloseTo(368.587, 3)
  })
  test.each([
    [299, 'too-long', undefined],
    [300, 'notch', 1],
    [301, 'notch', 2],
    [310, 'notch', 2],
    [480, 'notch', 19],
    [481, 'too-short', undefined],
  ])('a floor %s mm below: %s %s', (mm, kind, notch) => {
    expect(adviseNotch(leg, exactly(mm))).toMatchObject(notch === undefined ? { kind } : { kind, notch })
  })
  test('between two notches while the measurement allows both; out of range only when surely so', () => {
    expect(adviseNotch(leg, interval(308, 312))).toMatchObject({ kind: 'between', notches: [2, 3] })
    expect(adviseNotch(leg, interval(478, 483)).kind).toBe('may-be-out-of-range')
    expect(adviseNotch(leg, interval(298, 302)).kind).toBe('may-be-out-of-range')
  })
  test('a notch too long lifts, one too short leaves a gap', () => {
    expect(liftMm(leg, 3, exactly(313))).toEqual({ lo: 7, hi: 7 })
    expect(liftMm(leg, 2, exactly(313))).toEqual({ lo: -3, hi: -3 })
  })
  test('a longer floor drop never picks a shorter notch', () => {
    const mm = fc.double({ min: 300, max: 480, noNaN: true })
    fc.assert(
      fc.property(mm, mm, (a, b) => {
        const notch = (x: number) => {
          const advice = adviseNotch(leg, exactly(x))
          return advice.kind === 'notch' ? advice.notch : Number.NaN
        }
        expect(notch(Math.max(a, b))).toBeGreaterThanOrEqual(notch(Math.min(a, b)))
      }),
      { seed: 9, numRuns: 300 },
    )
  })
})

describe('strap height', () => {
  const SLOTS = [230, 255, 280, 305, 330]
  const forward = buildMode(FORWARD)
  test.each([
    [buildMode(), 230, 230],
    [buildMode(), 254, 230],
    [buildMode(), 255, 255],
    [buildMode(), 400, 330],
    [forward, 230, 230],
    [forward, 231, 255],
    [forward, 330, 330],
    [forward, 200, 230],
  ] as const)('slot for a shoulder, case %#', (mode, shoulder, slot) => {
    expect(adviseStrapHeight(mode, exactly(shoulder))).toMatchObject({ kind: 'set', heightMm: slot })
  })
  test.each([
    [buildMode(), 229, 'too-small'],
    [forward, 331, 'outgrown'],
  ] as const)('no slot serves, case %#', (mode, shoulder, because) => {
    expect(adviseStrapHeight(mode, exactly(shoulder))).toEqual({ kind: 'none', because })
  })
  test.each([
    ['at-or-just-below', 1, 'fail'],
    ['at-or-just-below', 0, 'pass'],
    ['at-or-just-above', -1, 'fail'],
    ['at-or-just-above', 0, 'pass'],
    ['level', 10, 'pass'],
    ['level', 11, 'fail'],
    ['level', -11, 'fail'],
    ['level-or-just-under', -30, 'pass'],
    ['level-or-just-under', -31, 'fail'],
    ['level-or-just-under', 11, 'fail'],
  ] as const)('%s: an exit %s mm above the shoulder: %s', (rule, offset, kind) => {
    expect(judgeStrapHeight(rule, 300 + offset, exactly(300))).toBe(kind)
  })
  test('what is advised is what is judged good, against a plain search over all slots', () => {
    const rules = fc.constantFrom<StrapRule>('at-or-just-below', 'at-or-just-above', 'level', 'level-or-just-under')
    fc.assert(
      fc.property(fc.integer({ min: 180, max: 380 }), fc.integer({ min: 0, max: 12 }), rules, (mid, u, rule) => {
        const mode = buildMode({ strap: { adjuster: { kind: 'slots', heightsMm: SLOTS }, rule } })
        const shoulder = interval(mid - u, mid + u)
        const advice = adviseStrapHeight(mode, shoulder)
        const good = SLOTS.filter((s) => judgeStrapHeight(rule, s, shoulder) === 'pass')
        if (advice.kind === 'set') expect(good).toContain(advice.heightMm)
        if (advice.kind === 'none') expect(good).toEqual([])
        if (u === 0) expect(advice.kind === 'none').toBe(good.length === 0)
      }),
      { seed: 21, numRuns: 500 },
    )
  })
  test('stepless: set at the shoulder, or at its nearest end', () => {
    const stepless = (direction: Mode['direction']) =>
      buildMode({ direction, strap: { adjuster: { kind: 'stepless', fromMm: 250, toMm: 350 } } })
    expect(adviseStrapHeight(stepless('rearward'), interval(296, 304))).toMatchObject({ kind: 'set', heightMm: 296 })
    expect(adviseStrapHeight(stepless('forward'), interval(296, 304))).toMatchObject({ kind: 'set', heightMm: 304 })
    expect(adviseStrapHeight(stepless('rearward'), exactly(240))).toEqual({ kind: 'none', because: 'too-small' })
    expect(adviseStrapHeight(stepless('forward'), exactly(360))).toEqual({ kind: 'none', because: 'outgrown' })
    expect(adviseStrapHeight(stepless('rearward'), exactly(400))).toMatchObject({ heightMm: 350, isFar: true })
  })
})

test('inserts: required below one limit, allowed below another; the limit itself counts as reached', () => {
  const mode = buildMode({
    inserts: [
      { id: 'pad', name: 'pad', thicknessMm: 20, requiredUntil: { statureCm: 60 }, allowedUntil: { massKg: 9 } },
      { id: 'head', name: 'head piece', thicknessMm: 0 },
    ],
  })
  const use = (massKg: number, statureCm: number) =>
    adviseInserts(mode, { massKg: exactly(massKg), statureCm: exactly(statureCm), age: undefined }).map((a) => a.use)
  expect(use(5, 59)).toEqual(['must', 'may'])
  expect(use(5, 60)).toEqual(['may', 'may'])
  expect(use(9, 59)).toEqual(['must-not', 'may'])
  expect(adviseInserts(mode, { massKg: interval(8.9, 9.1), statureCm: exactly(70), age: undefined })[0]?.use).toBe(
    'ask',
  )
  expect(insertThicknessMm(mode, ['pad', 'head'])).toBe(20)
})

test.each([
  // ℓ = 700, x₀ = 200: sin φ = (D − 200) / 700.
  [550, 0, 30],
  [550, 50, 25.3],
  [900, 0, 90],
  [199, 0, undefined],
] as const)('before a seat at %s mm, slid by %s mm, at most %s° leaves room', (mm, slide, expected) => {
  const shell = { footFromBackrestMm: 200, shellLengthMm: 700 }
  const deg = largestAngleDeg(shell, exactly(mm), exactly(slide))
  expect(deg).toBe(expected)
  if (deg !== undefined && deg < 90) {
    const room = (angle: number) => frontClearanceMm(exactly(mm), shellReachMm(shell, exactly(angle), exactly(slide)))
    expect([room(deg).lo >= 0, room(deg + 0.2).lo < 0]).toEqual([true, true])
  }
})
