import { IsoDate } from '../ground/index.ts'
import fc from 'fast-check'
import { buildCase, buildLeg, buildPosition, buildRoute } from '../../test/build.ts'
import {
  fittedSubject,
  findSetUp,
  findSetUpWhole,
  measured,
  severityOf,
  whatIf,
  decide,
  askRule,
  type FittedSubject,
  type FoundSetUp,
  type Mode,
  type Route,
} from '../index.ts'

const driver = buildPosition({ id: 'driver', label: 'Driver', row: 1, isDriverSeat: true })
const SHELL: Partial<Mode> = {
  shellLengthMm: 600,
  footFromBackrestMm: 200,
  strap: undefined,
  reclines: [
    { id: 'r1', label: '1', shellAngleDeg: 30 },
    { id: 'r2', label: '2', shellAngleDeg: 38 },
    { id: 'r3', label: '3', shellAngleDeg: 46 },
  ],
}

interface Given {
  readonly slope?: number
  readonly tallestMm?: number
  readonly mode?: Partial<Mode>
  readonly frontSeat?: Route['frontSeat']
  readonly range?: { readonly fullyBackMm: number; readonly fullyForwardMm: number }
  readonly leg?: Partial<NonNullable<Route['leg']>>
  readonly child?: object
  readonly front?: ReturnType<typeof buildPosition>
}

function given({
  slope = 0,
  tallestMm = 800,
  mode,
  frontSeat = 'either',
  range,
  leg,
  child,
  front = driver,
}: Given): FittedSubject {
  const s = fittedSubject(
    buildCase({
      mode: { ...SHELL, ...mode },
      route: buildRoute({ frontSeat, leg: buildLeg(leg) }),
      position: {
        cushion: { slopeDeg: measured(slope), frontEdgeAboveFloorMm: measured(355) },
        ...(tallestMm !== undefined && { frontClearanceMm: measured(tallestMm) }),
        ...(range && { frontSeatRangeMm: range }),
      },
      others: [front],
      ...(child && { child }),
    }),
  )
  if (!s) throw new Error('everything is chosen')
  return s
}
const best = (g: Given): FoundSetUp => {
  const found = findSetUp(given(g)).found[0]
  if (!found) throw new Error('a search always finds the least bad')
  return found
}

test('the plain case: the school’s recline, the first notch that reaches', () => {
  expect(best({})).toMatchObject({ decision: 'pass', values: { recline: 'r1', legNotch: 7 } })
})

test('the sloping cushion that needs a wedge, and only where the maker allows one', () => {
  const wedge = { allowed: true, heightMm: 40, baseLengthMm: 380 }
  const young = { headControl: 'none' as const }
  // 46 − 8 = 38° is too upright for 40–45°; 6° of wedge make it 44°.
  expect(best({ slope: 8, child: young, mode: { wedge } })).toMatchObject({
    decision: 'pass',
    values: { recline: 'r3', wedge: true },
  })
  expect(best({ slope: 8, child: young, mode: { wedge: { ...wedge, allowed: false } } })).toMatchObject({
    decision: 'fail',
    values: { recline: 'r3' },
  })
})

test('a tall driver takes the room of the flatter recline', () => {
  const child = { dateOfBirth: IsoDate('2026-04-01') } // under a year: 30–45°, and the most room is at 38°
  expect(best({ child, tallestMm: 800 }).values.recline).toBe('r2')
  // 38° reach 569 mm, 30° reach 500 mm.
  expect(best({ child, tallestMm: 540 })).toMatchObject({ decision: 'pass', values: { recline: 'r1' } })
})

test('the front seat that cannot go back far enough: the least bad, and what is missing', () => {
  const found = best({ tallestMm: 480 })
  expect(found.decision).toBe('fail')
  expect(found.findings.filter((f) => f.outcome.kind === 'fail').map((f) => f.rule.id)).toContain('front-clearance')
})

test('a passenger’s seat is slid forward where that makes room, a driver’s is not', () => {
  const range = { fullyBackMm: 450, fullyForwardMm: 640 }
  const passenger = { ...driver, isDriverSeat: false }
  const moved = best({ tallestMm: 480, range, front: passenger })
  expect(moved.decision).toBe('pass')
  expect(moved.values.frontSeatGapMm).toBeGreaterThanOrEqual(500)
  expect(best({ tallestMm: 480, range }).decision).toBe('fail')
})

test('must touch: the seat in front comes back until it touches', () => {
  const range = { fullyBackMm: 450, fullyForwardMm: 800 }
  expect(best({ tallestMm: 700, range, frontSeat: 'must-touch' })).toMatchObject({
    decision: 'pass',
    values: { recline: 'r1', frontSeatGapMm: 500 },
  })
})

test('a slide is used only where the room asks for it', () => {
  expect(best({ mode: { slidesOnBaseMm: 60 }, tallestMm: 520 }).values.slideMm).toBe(0)
})

test('no notch serves: the least bad, with its finding', () => {
  const found = best({ leg: { notches: 5, maxLiftMm: 4 } })
  expect(found.decision).toBe('fail')
  expect(found.findings.some((f) => f.rule.id === 'leg-lift' && f.outcome.kind === 'fail')).toBe(true)
})

test('an unknown slope is undecided, never a pass', () => {
  const s = given({})
  const found = findSetUp({ ...s, position: { ...s.position, cushion: {} } }).found[0]
  expect(found?.decision).toBe('undecided')
})

test('a distance that nobody measured is never a pass: undecided, and it is named', () => {
  const s = given({})
  const found = findSetUp({ ...s, position: { ...s.position, frontClearanceMm: undefined } }).found[0]
  expect(found?.decision).toBe('undecided')
  expect(found?.missing).toContain('Room to the seat in front: the distance to the seat in front')
  expect(findSetUp(s).found[0]?.missing.join()).not.toContain('Room to the seat in front')
})

test('padding and straps come with it', () => {
  const mode: Partial<Mode> = {
    strap: { adjuster: { kind: 'slots', heightsMm: [230, 255, 280, 305, 330] } },
    inserts: [{ id: 'pad', name: 'pad', thicknessMm: 20, requiredUntil: { massKg: 12 }, allowedUntil: { massKg: 12 } }],
  }
  expect(best({ mode }).values).toMatchObject({ insertsIn: ['pad'], strapHeightMm: 305 })
})

test('the split search finds what the search over everything at once finds', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 18 }),
      fc.integer({ min: 460, max: 640 }),
      fc.constantFrom<Route['frontSeat']>('either', 'must-not-touch', 'must-touch'),
      fc.boolean(),
      fc.integer({ min: 2, max: 12 }),
      (slope, tallestMm, frontSeat, wedged, maxLiftMm) => {
        const s = given({
          slope,
          tallestMm,
          frontSeat,
          range: { fullyBackMm: 440, fullyForwardMm: 700 },
          leg: { notches: 6, maxLiftMm },
          mode: {
            slidesOnBaseMm: 20,
            ...(wedged && { wedge: { allowed: true, heightMm: 40, baseLengthMm: 380 } }),
          },
        })
        const split = findSetUp(s).found[0]
        const whole = findSetUpWhole(s)
        const rank = (f: Omit<FoundSetUp, 'missing'> | undefined) => [
          f?.decision,
          f?.advisedAgainst,
          f?.findings.filter((x) => x.outcome.kind === 'fail' && severityOf(x) !== 'advise').length,
        ]
        expect(rank(split)).toEqual(rank(whole))
      },
    ),
    // One failure that blocks and one advice against it is better than two that block.
    { numRuns: 12, examples: [[11, 460, 'either', false, 2]] },
  )
})

test('what is found is what the rules say of it', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 18 }), fc.integer({ min: 460, max: 640 }), (slope, tallestMm) => {
      const s = given({ slope, tallestMm })
      for (const found of findSetUp(s).found) {
        const there = whatIf(s, found.values)
        const again = found.findings.map((f) => askRule(f.rule.id, there)).filter((f) => f !== undefined)
        expect(decide(again)).toBe(found.decision)
      }
    }),
    { numRuns: 30 },
  )
})
