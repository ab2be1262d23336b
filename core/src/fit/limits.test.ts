import { BOOSTER, buildMode, buildPosition, buildRoute, buildVehicle, FORWARD } from '../../test/build.ts'
import { exactly, interval, measured, type Decision, type Interval, type Mode, type StrapRule } from '../index.ts'
import {
  adviseGuide,
  adviseInserts,
  adviseNotch,
  adviseStrapHeight,
  exitOf,
  footprintOf,
  guideWindowMm,
  headBelowEdge,
  insertThicknessRangeMm,
  isBehindDriver,
  isDoubtOfShare,
  isReachKnown,
  judgeStrapHeight,
  judgeTouch,
  largestAngleDeg,
  legLengthNeededMm,
  liftMm,
  paddingNowMm,
  reachesMm,
  seatsInFront,
  servedUpToMm,
  shoulderRangeMm,
  strapWindowMm,
} from './index.ts'

/** Both sides of every limit of the arithmetic, and every doubt about it. */

test.each<[StrapRule, number | undefined, number, number]>([
  ['at-or-just-below', undefined, -30, 0],
  ['at-or-just-above', undefined, 0, 30],
  ['level', undefined, -10, 10],
  ['level-or-just-under', undefined, -30, 10],
  ['at-or-just-below', 45, -45, 0],
  ['at-or-just-above', 45, 0, 45],
  ['at-or-just-below', 5, -5, 0],
  ['at-or-just-above', 5, 0, 5],
  ['level', 45, -10, 10],
])(
  'an exit that goes %s, just being %s mm, is wanted from %s to %s mm above the shoulder',
  (rule, justMm, from, to) => {
    const strap = {
      adjuster: { kind: 'slots' as const, heightsMm: [300] },
      rule,
      ...(justMm !== undefined && { justMm }),
    }
    const window = strapWindowMm(buildMode({ strap }))
    expect([window.from + 0, window.to + 0]).toEqual([from, to])
  },
)

test('exits are counted from the lowest, however they are listed; a height between two is none of them', () => {
  const mode = buildMode({ strap: { adjuster: { kind: 'slots', heightsMm: [330, 230, 280] } } })
  expect([230, 280, 330, 300].map((mm) => exitOf(mode, mm))).toEqual([
    { mm: 230, slot: 1, atGaugeMm: 0 },
    { mm: 280, slot: 2, atGaugeMm: 0 },
    { mm: 330, slot: 3, atGaugeMm: 0 },
    { mm: 300, slot: undefined, atGaugeMm: 0 },
  ])
})
test('of two as near the lower, however they are listed', () => {
  for (const heightsMm of [[300, 320], [320, 300]]) // prettier-ignore
    expect(adviseStrapHeight(buildMode({ strap: { adjuster: { kind: 'slots', heightsMm }, rule: 'level' } }), exactly(310))).toMatchObject({ kind: 'set', heightMm: 300 }) // prettier-ignore
})

test.each<[string, StrapRule, number[], Interval, readonly number[]]>([
  ['from the one for the smallest to the one for the largest', 'at-or-just-below', [200, 230, 260, 290], interval(252, 272), [230, 260]],
  ['three of them', 'at-or-just-above', [200, 230, 260, 290, 320], interval(225, 280), [230, 260, 290]],
  ['the one end that has one', 'level', [300, 340], interval(280, 302), [300]],
  ['the other end', 'level', [300, 340], interval(302, 320), [300]],
  ['neither end has one, the middle does', 'level', [300], interval(280, 320), [300]],
])('a shoulder too wide to tell may take %s', (_, rule, heightsMm, shoulderMm, candidatesMm) => {
  const mode = buildMode({ strap: { adjuster: { kind: 'slots', heightsMm }, rule } })
  expect(adviseStrapHeight(mode, shoulderMm)).toEqual({ kind: 'measure', candidatesMm })
}) // prettier-ignore
test('a shell reaches between its most upright recline and its flattest, the wedge under it', () => {
  // ℓ = 600 and x₀ = 200 on a level cushion: 30° reaches 500 mm.
  const reclines = [{ id: 'a', label: 'A', shellAngleDeg: 0 }, { id: 'b', label: 'B', shellAngleDeg: 30 }] // prettier-ignore
  const mode = buildMode({ shellLengthMm: 600, footFromBackrestMm: 200, reclines })
  const position = buildPosition({ cushion: { slopeDeg: measured(0) } })
  const of = (m: Mode) => {
    const reach = reachesMm(m, buildRoute(), position)
    return reach && [reach.least, reach.most].map(({ lo, hi }) => [Math.round(lo), Math.round(hi)])
  }
  expect(of(mode)).toEqual([[200, 200], [500, 500]]) // prettier-ignore
  expect(of({ ...mode, wedge: { allowed: true, heightMm: 40, baseLengthMm: 380 } })).toEqual([[200, 200], [553, 553]]) // prettier-ignore
  expect(of({ ...mode, wedge: { allowed: false, heightMm: 40, baseLengthMm: 380 } })).toEqual([[200, 200], [500, 500]]) // prettier-ignore
})
test.each<[Interval | undefined, string]>([
  [exactly(5.9), 'may'],
  [exactly(6), 'must-not'],
  [interval(5.5, 6.5), 'ask'],
  [undefined, 'ask'],
])('an insert until six months, of a child of %j: %s', (age, use) => {
  const mode = buildMode({ inserts: [{ id: 'i', name: 'i', thicknessMm: 20, allowedUntil: { ageMonths: 6, massKg: 9 } }] }) // prettier-ignore
  expect(adviseInserts(mode, { age, massKg: exactly(7), statureCm: undefined })[0]?.use).toBe(use)
})

describe('strap height: no exit serves', () => {
  const LEVEL = (heightsMm: number[]) => buildMode({ strap: { adjuster: { kind: 'slots', heightsMm }, rule: 'level' } })
  test.each([
    // Slots 50 mm apart: level within 10 mm of one of them, or of none.
    [exactly(260), { kind: 'set', heightMm: 250 }],
    [exactly(261), { kind: 'none', because: 'between' }],
    [exactly(289), { kind: 'none', because: 'between' }],
    [exactly(290), { kind: 'set', heightMm: 300 }],
    [exactly(239), { kind: 'none', because: 'too-small' }],
    [exactly(361), { kind: 'none', because: 'outgrown' }],
    [interval(265, 285), { kind: 'none', because: 'between' }],
    // Somewhere in what was measured one is level: open, not refused.
    [interval(265, 291), { kind: 'measure', candidatesMm: [300] }],
    [interval(262, 338), { kind: 'measure', candidatesMm: [300] }],
    [interval(259, 341), { kind: 'measure', candidatesMm: [250, 300, 350] }],
    [interval(236, 241), { kind: 'measure', candidatesMm: [250] }],
  ] as const)('level, slots 50 mm apart, shoulder %j: %j', (shoulder, advice) => {
    expect(adviseStrapHeight(LEVEL([350, 250, 300]), shoulder)).toMatchObject(advice)
  })
  test.each([
    [buildMode(), interval(228, 229), { kind: 'none', because: 'too-small' }],
    [buildMode(), interval(228, 230), { kind: 'measure', candidatesMm: [230] }],
    [buildMode(), interval(254, 255), { kind: 'measure', candidatesMm: [230, 255] }],
    [buildMode(FORWARD), interval(331, 333), { kind: 'none', because: 'outgrown' }],
    [buildMode(FORWARD), interval(330, 331), { kind: 'measure', candidatesMm: [330] }],
  ] as const)('case %#: %j', (mode, shoulder, advice) => {
    expect(adviseStrapHeight(mode, shoulder)).toEqual(advice)
  })
  test('of two as near the lower is set, and it is named by its place from below', () => {
    expect(adviseStrapHeight(LEVEL([300, 280]), exactly(290))).toEqual({ kind: 'set', heightMm: 280, slot: 1, isFar: false }) // prettier-ignore
  })
  test.each([
    [290, 300, false],
    [290, 310, false],
    [290, 311, true],
  ])('a slot at 280, shoulder %s to %s: far %s', (lo, hi, isFar) => {
    const mode = buildMode({ strap: { adjuster: { kind: 'slots', heightsMm: [280] } } })
    expect(adviseStrapHeight(mode, interval(lo, hi))).toMatchObject({ heightMm: 280, isFar })
  })
  test('a mode without straps has none to advise; one that follows the head support stops at the shoulders', () => {
    expect(() => adviseStrapHeight(buildMode({ strap: undefined }), exactly(300))).toThrow('Mode rearward has no strap to adjust') // prettier-ignore
    expect(adviseStrapHeight(buildMode({ strap: { adjuster: { kind: 'follows-head-support' } } as Mode['strap'] }), exactly(300))).toEqual({ kind: 'stop-at-shoulders' }) // prettier-ignore
  })
  const stepless = (rule: StrapRule) => buildMode({ strap: { adjuster: { kind: 'stepless', fromMm: 250, toMm: 350 }, rule } }) // prettier-ignore
  test.each([
    ['at-or-just-below', interval(296, 304), { kind: 'set', heightMm: 296 }],
    ['level-or-just-under', interval(296, 304), { kind: 'set', heightMm: 296 }],
    ['level', interval(296, 304), { kind: 'set', heightMm: 300 }],
    ['at-or-just-above', interval(296, 304), { kind: 'set', heightMm: 304 }],
    ['level', interval(280, 320), { kind: 'measure', candidatesMm: [300] }],
    ['at-or-just-below', interval(240, 249), { kind: 'none', because: 'too-small' }],
    ['at-or-just-below', interval(245, 255), { kind: 'measure', candidatesMm: [250] }],
    ['at-or-just-above', interval(351, 360), { kind: 'none', because: 'outgrown' }],
    ['at-or-just-below', exactly(380), { kind: 'set', heightMm: 350, isFar: false }],
    ['at-or-just-below', exactly(381), { kind: 'set', heightMm: 350, isFar: true }],
  ] as const)('stepless, %s, shoulder %j: %j', (rule, shoulder, advice) => {
    expect(adviseStrapHeight(stepless(rule), shoulder)).toMatchObject(advice)
  })
  test.each([
    ['at-or-just-below', interval(290, 310), 290, 'pass'],
    ['at-or-just-below', interval(290, 310), 310, 'undecided'],
    ['at-or-just-below', interval(290, 310), 311, 'fail'],
    ['at-or-just-above', interval(290, 310), 310, 'pass'],
    ['at-or-just-above', interval(290, 310), 290, 'undecided'],
    ['at-or-just-above', interval(290, 310), 289, 'fail'],
    ['level', interval(295, 305), 295, 'pass'],
    ['level', interval(295, 305), 285, 'undecided'],
    ['level', interval(295, 305), 284, 'fail'],
    ['level', interval(295, 305), 315, 'undecided'],
    ['level', interval(295, 305), 316, 'fail'],
  ] as const)('%s, shoulder %j, exit %s: %s', (rule, shoulder, exit, kind) => {
    expect(judgeStrapHeight(rule, exit, shoulder)).toBe(kind)
  })
  const ruled = (rule: StrapRule, justMm?: number) => buildMode({ strap: { adjuster: { kind: 'slots', heightsMm: [230, 330] }, rule, ...(justMm !== undefined && { justMm }) } }) // prettier-ignore
  test.each([
    ['at-or-just-below', undefined, 330, { from: 230 }],
    ['at-or-just-below', 12, 312, { from: 230 }],
    ['at-or-just-above', undefined, 300, { to: 330 }],
    ['level', undefined, 310, { from: 220, to: 340 }],
    ['level-or-just-under', undefined, 330, { from: 220, to: 360 }],
  ] as const)('%s, just being %s mm: an exit at 300 serves up to %s; the mode takes shoulders %j', (rule, justMm, upTo, range) => {
    expect(servedUpToMm(ruled(rule, justMm), 300)).toBe(upTo)
    expect(shoulderRangeMm(ruled(rule, justMm))).toEqual(range)
  }) // prettier-ignore
  test('the range of a stepless one, and of none', () => {
    expect(shoulderRangeMm(stepless('level'))).toEqual({ from: 240, to: 360 })
    expect(shoulderRangeMm(buildMode({ strap: undefined }))).toEqual({})
  })
})

describe('belt guide', () => {
  const guide = (over: Partial<Mode> = {}) => buildMode({ ...BOOSTER, beltGuideMm: { fromMm: 400, toMm: 500 }, ...over }) // prettier-ignore
  test.each([
    // 0 to 20 mm above the shoulder: the middle of that, as far as 400 to 500 allows.
    [exactly(440), { kind: 'set', heightMm: 450 }],
    [interval(438, 444), { kind: 'set', heightMm: 451 }],
    [interval(430, 450), { kind: 'set', heightMm: 450 }],
    [interval(429, 450), { kind: 'measure', heightMm: 450 }],
    [interval(420, 460), { kind: 'measure', heightMm: 450 }],
    [exactly(380), { kind: 'set', heightMm: 400 }],
    [exactly(379), { kind: 'none', because: 'too-small' }],
    [interval(370, 380), { kind: 'measure', heightMm: 400 }],
    [exactly(500), { kind: 'set', heightMm: 500 }],
    [exactly(501), { kind: 'none', because: 'outgrown' }],
    [interval(500, 510), { kind: 'measure', heightMm: 500 }],
  ] as const)('shoulder %j: %j', (shoulder, advice) => {
    expect(adviseGuide(guide(), shoulder)).toEqual(advice)
  })
  test.each([
    [{ fromMm: -10, toMm: 30 }, exactly(440), { kind: 'set', heightMm: 450 }],
    // An end that the maker leaves open is taken where ours is.
    [{ toMm: -5 }, exactly(440), { kind: 'set', heightMm: 435 }],
    [{ toMm: 10 }, exactly(440), { kind: 'set', heightMm: 445 }],
    [{ fromMm: 40 }, exactly(440), { kind: 'set', heightMm: 480 }],
    [{ fromMm: 10 }, exactly(440), { kind: 'set', heightMm: 455 }],
    [{ toMm: 10 }, exactly(600), { kind: 'set', heightMm: 500 }],
    [{ fromMm: 10 }, exactly(300), { kind: 'set', heightMm: 400 }],
  ] as const)('a maker’s window of %j, shoulder %j: %j', (guideAboveShoulderMm, shoulder, advice) => {
    expect(adviseGuide(guide({ guideAboveShoulderMm }), shoulder)).toEqual(advice)
    expect(guideWindowMm(guide({ guideAboveShoulderMm }))).toEqual(guideAboveShoulderMm)
  })
  test('without a range of the guide there is nothing to advise', () => {
    expect(() => adviseGuide(buildMode(BOOSTER), exactly(440))).toThrow(
      'Mode booster states no range of its belt guide',
    )
  })
})

describe('room to the seat in front', () => {
  test.each([
    ['must-touch', interval(0, 0), 'pass'],
    ['must-touch', interval(0, 1), 'undecided'],
    ['must-touch', interval(-1, 0), 'undecided'],
    ['must-touch', interval(-1, 1), 'undecided'],
    ['must-touch', interval(1, 2), 'fail'],
    ['must-touch', interval(-2, -1), 'fail'],
    ['must-not-touch', interval(1, 2), 'pass'],
    ['must-not-touch', interval(0, 2), 'undecided'],
    ['must-not-touch', interval(-1, 0), 'fail'],
    ['must-not-touch', interval(-1, 1), 'undecided'],
    ['either', interval(0, 2), 'pass'],
    ['either', interval(-1, 0), 'undecided'],
    ['either', interval(-2, -1), 'fail'],
    ['either', interval(-1, 1), 'undecided'],
  ] as const satisfies readonly (readonly [Parameters<typeof judgeTouch>[0], Interval, Decision])[])('%s with %j mm: %s', (rule, room, kind) => {
    expect(judgeTouch(rule, room)).toBe(kind)
  }) // prettier-ignore
  const shell = { footFromBackrestMm: 200, shellLengthMm: 700 }
  test.each([
    [199, undefined],
    [200, 0],
    [550, 30],
    [899, 86.9],
    [900, 90],
    [950, 90],
  ])('the largest angle before %s mm is %s', (mm, deg) => {
    expect(largestAngleDeg(shell, exactly(mm))).toBe(deg)
  })
  const at = (id: string, row: number, side: 'left' | 'centre' | 'right', isDriverSeat?: boolean) => buildPosition({ id, row, side, ...(isDriverSeat && { isDriverSeat }) }) // prettier-ignore
  const car = buildVehicle([at('driver', 1, 'right', true), at('passenger', 1, 'left'), at('rl', 2, 'left'), at('rc', 2, 'centre'), at('rr', 2, 'right'), at('tl', 3, 'left')]) // prettier-ignore
  test.each([
    ['rl', ['passenger'], false],
    ['rr', ['driver'], true],
    // The middle has both before it.
    ['rc', ['driver', 'passenger'], true],
    ['tl', ['rl'], false],
    ['driver', [], false],
  ])('before %s stand %j; the driver among them: %s', (id, before, isBehind) => {
    const place = car.positions.find((p) => p.id === id)!
    expect(seatsInFront(car, place).map((p) => p.id)).toEqual(before)
    expect(isBehindDriver(car, place)).toBe(isBehind)
  })
  const known = buildMode({ shellLengthMm: 600, footFromBackrestMm: 200 })
  const place = buildPosition({ cushion: { slopeDeg: exactlyMeasured(12) } })
  test.each([
    ['all stated', known, buildRoute(), place, true],
    ['no length', buildMode({ footFromBackrestMm: 200 }), buildRoute(), place, false],
    ['no foot', buildMode({ shellLengthMm: 600 }), buildRoute(), place, false],
    ['no slope', known, buildRoute(), buildPosition({ cushion: {} }), false],
    ['no cushion', known, buildRoute(), buildPosition({ cushion: undefined }), false],
    ['no recline stated', { ...known, reclines: undefined }, buildRoute(), place, false],
    ['one of two permitted', known, buildRoute({ permittedReclines: ['r2'] }), place, true],
    ['none permitted', known, buildRoute({ permittedReclines: [] }), place, false],
    ['a permitted one that there is not', known, buildRoute({ permittedReclines: ['r9'] }), place, false],
  ] as const)('%s: the reach is known %s', (_, mode, route, position, isKnown) => {
    expect(isReachKnown(mode as Mode, route, position)).toBe(isKnown)
    expect(reachesMm(mode as Mode, route, position) !== undefined).toBe(isKnown)
  })
  test('seen from above: the least reach of a rearward shell, and usual figures of what is not stated', () => {
    const exact = buildPosition({ cushion: { slopeDeg: exactlyMeasured(12) } })
    // 36° − 12° = 24°: 200 + 600·sin 24° = 444.
    expect(footprintOf(known, buildRoute(), exact)).toEqual({ widthMm: 440, reachMm: expect.closeTo(444.04, 1) })
    expect(footprintOf(buildMode({ widthMm: 500 }), buildRoute(), exact)).toEqual({ widthMm: 500, reachMm: 560 })
    expect(footprintOf({ ...known, direction: 'forward' }, buildRoute(), exact)).toEqual({ widthMm: 440, reachMm: 430 })
    expect(footprintOf({ ...known, direction: 'lateral' }, buildRoute(), exact)).toEqual({ widthMm: 440, reachMm: 430 })
  })
})

describe('padding', () => {
  const piece = (id: string, thicknessMm: number, over: object = {}) => ({ id, name: id, thicknessMm, ...over })
  const child = { massKg: exactly(8), statureCm: exactly(70), age: exactly(8) }
  const REQUIRED = { requiredUntil: { massKg: 9 } }
  const mode = buildMode({
    inserts: [
      piece('must', 1, REQUIRED),
      piece('may', 10),
      piece('out', 100, { allowedUntil: { massKg: 8 } }),
      piece('ask', 1000, { requiredUntil: { massKg: 9 } }),
    ],
  })
  test('the least that is required and the most that is allowed, exactly and in doubt', () => {
    expect(adviseInserts(mode, child).map((a) => a.use)).toEqual(['must', 'may', 'must-not', 'must'])
    expect(insertThicknessRangeMm(mode, child)).toEqual({ least: { lo: 1001, hi: 1001 }, most: { lo: 1011, hi: 1011 } })
    const doubtful = buildMode({ inserts: [piece('must', 1, REQUIRED), piece('may', 10), piece('out', 100, { allowedUntil: { massKg: 8 } }), piece('ask', 1000, { requiredUntil: { statureCm: 70 } })] }) // prettier-ignore
    const between = { ...child, statureCm: interval(69, 71) }
    expect(adviseInserts(doubtful, between).map((a) => a.use)).toEqual(['must', 'may', 'must-not', 'ask'])
    expect(insertThicknessRangeMm(doubtful, between)).toEqual({
      least: { lo: 1, hi: 1001 },
      most: { lo: 11, hi: 1011 },
    })
  })
  test('whether it must be in and whether it may: two questions, each with its own limit', () => {
    const both = buildMode({ inserts: [piece('p', 5, { requiredUntil: { massKg: 6 }, allowedUntil: { massKg: 8 } })] })
    const use = (lo: number, hi = lo) => adviseInserts(both, { ...child, massKg: interval(lo, hi) })[0]
    expect(use(5.9)).toMatchObject({ use: 'must', isRequired: 'pass', isAllowed: 'pass' })
    expect(use(6)).toMatchObject({ use: 'may', isRequired: 'fail', isAllowed: 'pass' })
    expect(use(8)).toMatchObject({ use: 'must-not', isRequired: 'fail', isAllowed: 'fail' })
    expect(use(5.9, 6.1)).toMatchObject({ use: 'ask', isRequired: 'undecided', isAllowed: 'pass' })
    expect(use(7.9, 8.1)).toMatchObject({ use: 'ask', isRequired: 'fail', isAllowed: 'undecided' })
  })
  test.each([
    [undefined, undefined, undefined],
    [[], undefined, 0],
    [[piece('flat', 0)], undefined, 0],
    [[piece('flat', 0), piece('pad', 20)], undefined, undefined],
    [[piece('flat', 0), piece('pad', 20)], [], 0],
    [[piece('flat', 0), piece('pad', 20)], ['pad'], 20],
  ])('pieces %j of which %j are in raise the shoulder by %s', (inserts, isIn, mm) => {
    expect(paddingNowMm(buildMode({ inserts }), isIn)).toBe(mm)
  })
})

describe('support leg', () => {
  const leg = { minLengthMm: 300, maxLengthMm: 400, notches: 5, hingeAboveCushionMm: 10, angleFromVerticalDeg: 60 }
  test('leaning it is longer than the drop, and lifts less than it is too long', () => {
    // cos 60° = ½: a drop of 150 + 10 needs 320 of leg.
    const needed = legLengthNeededMm(leg, interval(150, 160))
    expect([needed.lo, needed.hi].map((x) => Math.round(x * 1000) / 1000)).toEqual([320, 340])
    const lift = liftMm(leg, 3, needed)
    expect([lift.lo, lift.hi].map((x) => Math.round(x * 1000) / 1000)).toEqual([5, 15])
  })
  test.each([
    [140, { kind: 'notch', notch: 1 }],
    [152.5, { kind: 'notch', notch: 2 }],
    [152.6, { kind: 'notch', notch: 3 }],
    [190, { kind: 'notch', notch: 5 }],
    [190.1, { kind: 'too-short' }],
    [139.9, { kind: 'too-long' }],
  ])('a drop of %s mm: %j', (mm, advice) => {
    expect(adviseNotch(leg, exactly(mm))).toMatchObject(advice)
  })
})

describe('the head below the edge', () => {
  const strict = { infantHead: 'margin-25-mm' } as const
  const shell = { headRule: 'crown-inside', shape: 'infant-shell' } as const
  test.each([
    [shell, strict, { mm: 25, by: 'practice' }],
    [shell, { infantHead: 'edge-flush' }, { mm: 0, by: 'usual' }],
    [{ ...shell, headRule: 'eyes-below-edge' }, strict, { mm: 0, by: 'usual' }],
    [{ ...shell, shape: 'seat' }, strict, { mm: 0, by: 'usual' }],
    [{ ...shell, headBelowEdgeMm: 10 }, strict, { mm: 10, by: 'maker' }],
    [{ ...shell, headBelowEdgeMm: 0 }, strict, { mm: 0, by: 'maker' }],
  ] as const)('a mode with %j, the school %j: %j', (mode, practice, expected) => {
    expect(headBelowEdge(buildMode(mode), practice)).toEqual(expected)
  })
  test('whether the doubt is the share or the measure', () => {
    const judge = (line: Interval): Decision => (line.hi <= 450 ? 'pass' : line.lo > 450 ? 'fail' : 'undecided')
    // 500 mm exactly, eyes at 88 to 92 %: 440 to 460, in doubt by the share alone.
    expect(isDoubtOfShare(interval(490, 510), interval(0.88, 0.92), judge)).toBe(true)
    expect(isDoubtOfShare(interval(470, 510), interval(0.88, 0.91), judge)).toBe(false)
    expect(isDoubtOfShare(interval(540, 560), interval(0.88, 0.92), judge)).toBe(false)
  })
})

function exactlyMeasured(value: number) {
  return measured(value, 0)
}
