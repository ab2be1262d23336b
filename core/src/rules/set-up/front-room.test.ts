import { Sequence } from '../../ground/index.ts'
import fc from 'fast-check'
import { ask, BOOSTER, buildCase, buildPosition, buildRoute, goodReading, kindOf } from '../../../test/build.ts'
import {
  adviseGuide,
  exactly,
  frontClearanceMm,
  interval,
  isBehindDriver,
  judgeTouch,
  measured,
  seatsInFront,
  shellReachMm,
  type Case,
  type Mode,
  type Route,
} from '../../index.ts'

const set = (settings: Record<string, unknown>): Case['settings'] =>
  Object.fromEntries(
    Object.entries(settings).map(([id, value]) => [id, { value, at: Sequence(2) }]),
  ) as Case['settings']

// ℓ = 600, x₀ = 200: 30° reach 500 mm.
const mode: Partial<Mode> = {
  shellLengthMm: 600,
  footFromBackrestMm: 200,
  reclines: [{ id: 'r1', label: '1', shellAngleDeg: 30 }],
}
const driver = buildPosition({ id: 'driver', label: 'Driver', row: 1, isDriverSeat: true })

interface Parts {
  readonly frontSeat?: Route['frontSeat']
  readonly distance?: number
  readonly settings?: Record<string, unknown>
  readonly over?: Parameters<typeof buildCase>[0]
}
const at = ({ frontSeat = 'either', distance, settings, over }: Parts): Case =>
  buildCase({
    mode,
    route: buildRoute({ frontSeat }),
    position: {
      cushion: { slopeDeg: measured(0), frontEdgeAboveFloorMm: measured(355) },
      ...(distance !== undefined && { frontClearanceMm: measured(distance) }),
    },
    others: [driver],
    settings: set({ recline: 'r1', ...settings }),
    ...over,
  })

describe('front-clearance', () => {
  test.each([
    ['either', 499, 'fail'],
    ['either', 500, 'pass'],
    ['must-not-touch', 500, 'fail'],
    ['must-not-touch', 501, 'pass'],
    ['must-touch', 501, 'fail'],
    ['must-touch', 500, 'pass'],
    ['must-touch', 499, 'fail'],
  ] as const)('%s, the shell reaches 500 mm and the front seat stands at %s: %s', (frontSeat, distance, kind) => {
    expect(kindOf('front-clearance', at({ frontSeat, distance }))).toBe(kind)
  })
  test('what is seen in the car takes its place, until it goes stale', () => {
    const looked = (seatAt: number): Case => ({
      ...at({ distance: 400, settings: {} }),
      settings: { recline: { value: 'r1', at: Sequence(seatAt) } },
      readings: { 'front-seat': goodReading('front-seat', Sequence(3)) },
    })
    expect(kindOf('front-clearance', looked(2))).toBe('not-applicable')
    expect(kindOf('front-clearance', looked(4))).toBe('fail')
  })
  test('the seat in front as it is set goes before its tallest driver’s setting', () => {
    expect(kindOf('front-clearance', at({ distance: 400, settings: { frontSeatGapMm: 560 } }))).toBe('pass')
  })
  test('a slide that nobody recorded may stand anywhere', () => {
    const over = { mode: { ...mode, slidesOnBaseMm: 40 } }
    expect(kindOf('front-clearance', at({ distance: 520, over }))).toBe('undecided')
    expect(kindOf('front-clearance', at({ distance: 520, over, settings: { slideMm: 20 } }))).toBe('pass')
    expect(kindOf('front-clearance', at({ distance: 520, over, settings: { slideMm: 21 } }))).toBe('fail')
  })
  test('a school’s clear gap is advice only where the two merely touch', () => {
    const over = { practice: { frontSeatGap: 'clear-gap-always' as const } }
    expect(ask('front-clearance', at({ distance: 500, over }))).toMatchObject({ kind: 'fail', severity: 'advise' })
    expect(ask('front-clearance', at({ distance: 480, over }))).toMatchObject({ kind: 'fail', severity: 'fix' })
  })
  test('is silent where a figure is missing', () => {
    expect(kindOf('front-clearance', at({}))).toBe('not-applicable')
    expect(
      kindOf('front-clearance', at({ distance: 500, over: { mode: { ...mode, shellLengthMm: undefined } } })),
    ).toBe('not-applicable')
  })
})

describe('front-seat-setting', () => {
  const on = (frontSeatGapMm: number, over: object, front = driver): Case =>
    buildCase({
      route: buildRoute({ frontSeat: 'either' }),
      position: over,
      others: [front],
      settings: set({ frontSeatGapMm }),
    })
  const range = { frontSeatRangeMm: { fullyBackMm: 450, fullyForwardMm: 700 } }
  test.each([
    [449, 'fail'],
    [450, 'pass'],
    [700, 'pass'],
    [701, 'fail'],
  ])('on a track of 450–700 mm, set at %s: %s', (mm, kind) => {
    expect(kindOf('front-seat-setting', on(mm, range))).toBe(kind)
  })
  test.each([
    [560, 'pass', 'fix'],
    [561, 'fail', 'fix'],
  ])('the tallest driver has it at 550 ± 10 mm; set at %s: %s', (mm, kind, severity) => {
    const c = on(mm, { frontClearanceMm: measured(550, 10) })
    expect(ask('front-seat-setting', c)).toMatchObject({ kind, severity })
  })
  test('before a passenger it is advice', () => {
    const passenger = { ...driver, isDriverSeat: false }
    expect(ask('front-seat-setting', on(600, { frontClearanceMm: measured(550, 10) }, passenger))).toMatchObject({
      kind: 'fail',
      severity: 'advise',
    })
  })
})

describe('guide-set', () => {
  const booster = (strapHeightMm: number, child: object = { seatedShoulderHeightMm: measured(400) }) =>
    buildCase({
      mode: { ...BOOSTER, beltGuideMm: { fromMm: 330, toMm: 580 } },
      child: { statureCm: measured(118), ...child },
      settings: set({ strapHeightMm }),
    })
  test.each([
    [399, 'fail'],
    [400, 'pass'],
    [420, 'pass'],
    [421, 'fail'],
  ])('shoulder at 400 mm, guide at %s: %s', (mm, kind) => {
    expect(kindOf('guide-set', booster(mm))).toBe(kind)
  })
  test('an estimated shoulder asks, and what is measured at Child in takes its place', () => {
    const estimated = booster(500, { seatedShoulderHeightMm: undefined })
    expect(ask('guide-set', estimated)).toMatchObject({
      kind: 'undecided',
      missing: ['check.guide-above-shoulder-mm'],
    })
    const seen: Case = {
      ...estimated,
      readings: { 'guide-above-shoulder-mm': goodReading('guide-above-shoulder-mm', Sequence(3)) },
    }
    expect(kindOf('guide-set', seen)).toBe('not-applicable')
  })
  test.each([
    [320, 330, 'set'],
    [400, 410, 'set'],
    [575, 580, 'set'],
  ])('a shoulder at %s mm wants the guide at %s', (shoulder, heightMm, kind) => {
    const { mode: booted } = { mode: { ...BOOSTER, beltGuideMm: { fromMm: 330, toMm: 580 } } as Mode }
    expect(adviseGuide(booted, exactly(shoulder))).toEqual({ kind, heightMm })
  })
  test.each([
    [309, 'too-small'],
    [581, 'outgrown'],
  ])('a shoulder at %s mm has no guide: %s', (shoulder, because) => {
    const booted = { ...BOOSTER, beltGuideMm: { fromMm: 330, toMm: 580 } } as Mode
    expect(adviseGuide(booted, exactly(shoulder))).toEqual({ kind: 'none', because })
  })
  test.each([
    [{ fromMm: 5, toMm: 17 }, 400, 411],
    [{ toMm: 10 }, 400, 405],
    [{ toMm: -5 }, 400, 395],
    [{ fromMm: 15 }, 400, 418],
    [{ fromMm: 30 }, 400, 430],
  ])('the maker’s own window %j: a shoulder at %s mm wants the guide at %s', (guideAboveShoulderMm, shoulder, mm) => {
    const booted = { ...BOOSTER, guideAboveShoulderMm, beltGuideMm: { fromMm: 330, toMm: 580 } } as Mode
    expect(adviseGuide(booted, exactly(shoulder))).toEqual({ kind: 'set', heightMm: mm })
  })
  test('what is recommended passes the rule, whatever window the maker states', () => {
    fc.assert(
      fc.property(
        fc.option(fc.integer({ min: -50, max: 60 }), { nil: undefined }),
        fc.option(fc.integer({ min: -50, max: 100 }), { nil: undefined }),
        fc.integer({ min: 280, max: 620 }),
        (fromMm, toMm, shoulder) => {
          const isStated = fromMm !== undefined || toMm !== undefined
          fc.pre(fromMm === undefined || toMm === undefined || fromMm <= toMm)
          const mode = {
            ...BOOSTER,
            beltGuideMm: { fromMm: 330, toMm: 580 },
            ...(isStated && { guideAboveShoulderMm: { fromMm, toMm } }),
          } as Mode
          const advice = adviseGuide(mode, exactly(shoulder))
          if (advice.kind === 'none') return
          const c = buildCase({
            mode,
            child: { seatedShoulderHeightMm: { value: shoulder, plusMinus: 0, source: 'measured' } },
            settings: { strapHeightMm: { value: advice.heightMm, at: Sequence(2) } },
          })
          expect([mode.guideAboveShoulderMm, shoulder, kindOf('guide-set', c)]).toEqual([
            mode.guideAboveShoulderMm,
            shoulder,
            advice.kind === 'set' ? 'pass' : expect.not.stringMatching('pass'),
          ])
        },
      ),
      { seed: 31, numRuns: 300 },
    )
  })
  test('a shoulder known to ± 30 mm has to be measured', () => {
    const booted = { ...BOOSTER, beltGuideMm: { fromMm: 330, toMm: 580 } } as Mode
    expect(adviseGuide(booted, interval(370, 430)).kind).toBe('measure')
  })
})

describe('reach and clearance', () => {
  const figures = { shellLengthMm: 600, footFromBackrestMm: 200 }
  test('worked: 200 + 20 + 600·sin 30° = 520; from 560 ± 5 leaves 40 ± 5', () => {
    const reach = shellReachMm(figures, exactly(30), exactly(20))
    expect(reach).toEqual({ lo: 520, hi: 520 })
    expect(frontClearanceMm(interval(555, 565), reach)).toEqual({ lo: 35, hi: 45 })
  })
  test('a flatter shell never reaches less far, and a nearer seat never leaves more room', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 80, noNaN: true }),
        fc.double({ min: 0, max: 9, noNaN: true }),
        (deg, more) => {
          const a = shellReachMm(figures, exactly(deg))
          const b = shellReachMm(figures, exactly(deg + more))
          expect(b.lo).toBeGreaterThanOrEqual(a.lo)
          expect(frontClearanceMm(exactly(700), b).hi).toBeLessThanOrEqual(frontClearanceMm(exactly(700), a).hi)
        },
      ),
    )
  })
  test('narrowing a clearance never flips what a touch rule said', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('must-touch', 'must-not-touch', 'either'),
        fc.integer({ min: -60, max: 60 }),
        fc.integer({ min: 0, max: 40 }),
        fc.integer({ min: 0, max: 40 }),
        (rule, lo, width, cut) => {
          const wide = judgeTouch(rule, interval(lo, lo + width))
          const narrow = judgeTouch(rule, interval(lo + Math.min(cut, width), lo + width))
          if (wide !== 'undecided') expect(narrow).toBe(wide)
        },
      ),
    )
  })
  test('the seats before a place: its own side, or both before the middle', () => {
    const place = (id: string, row: number, side: 'left' | 'centre' | 'right', isDriverSeat = false) =>
      buildPosition({ id, row, side, isDriverSeat })
    const positions = [
      place('fl', 1, 'left'),
      place('fr', 1, 'right', true),
      place('rl', 2, 'left'),
      place('rm', 2, 'centre'),
    ]
    const [, , left, middle] = positions
    if (!left || !middle) throw new Error('four places')
    expect(seatsInFront({ positions }, left).map((p) => p.id)).toEqual(['fl'])
    expect(isBehindDriver({ positions }, left)).toBe(false)
    expect(seatsInFront({ positions }, middle).map((p) => p.id)).toEqual(['fl', 'fr'])
    expect(isBehindDriver({ positions }, middle)).toBe(true)
  })
})
