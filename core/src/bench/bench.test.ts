import { Sequence } from '../ground/index.ts'
import { remedyOf } from '../rules/index.ts'
import fc from 'fast-check'
import {
  BELT_ROUTE,
  BOOSTER,
  buildCase,
  buildLeg,
  buildPosition,
  buildRoute,
  FORWARD,
  TETHER_ROUTE,
} from '../../test/build.ts'
import {
  benchLines,
  BENCH_LINES,
  describeBench,
  fittedSubject,
  LINE_RULES,
  lineValueText,
  measured,
  RULES,
  sectionOf,
  whatIf,
  type BenchLine,
  type BenchLineId,
  type Case,
  type FittedSubject,
  type Mode,
  type Point,
  type SettingValues,
} from '../index.ts'
import { within } from '../quantities/index.ts'

const set = (settings: Record<string, unknown>): Case['settings'] =>
  Object.fromEntries(
    Object.entries(settings).map(([id, value]) => [id, { value, at: Sequence(2) }]),
  ) as Case['settings']

const subjectOf = (c: Case): FittedSubject => {
  const s = fittedSubject(c)
  if (!s) throw new Error('Nothing is chosen in this case')
  return s
}

const SHELL: Partial<Mode> = { shellLengthMm: 600, footFromBackrestMm: 200, shellEdgeMm: 520, sitAboveCushionMm: 130 }
const driver = buildPosition({ id: 'driver', label: 'Driver', row: 1, isDriverSeat: true })

function rearward(over: Parameters<typeof buildCase>[0] = {}, settings: Record<string, unknown> = {}): FittedSubject {
  return subjectOf(
    buildCase({
      mode: { ...SHELL, ...over.mode },
      route: over.route ?? buildRoute({ frontSeat: 'either' }),
      position: {
        cushion: { slopeDeg: measured(12, 1), depthMm: measured(480), frontEdgeAboveFloorMm: measured(355, 2) },
        frontClearanceMm: measured(560, 10),
        ...over.position,
      },
      others: [driver],
      settings: set({ recline: 'r1', legNotch: 7, strapHeightMm: 280, ...settings }),
      ...(over.child && { child: over.child }),
      ...(over.readings && { readings: over.readings }),
    }),
  )
}
const line = (s: FittedSubject, id: BenchLineId): BenchLine => {
  const found = benchLines(s).find((l) => l.id === id)
  if (!found) throw new Error(`No line ${id}`)
  return found
}

test('every rule named by a line exists', () => {
  const ids = new Set(RULES.map((r) => r.id))
  for (const id of BENCH_LINES) for (const rule of LINE_RULES[id]) expect(ids).toContain(rule)
})

describe('worked numbers', () => {
  test('shell angle: 36° − (12 ± 1)° + 0° = (24 ± 1)°', () => {
    const angle = line(rearward(), 'shell-angle')
    expect(angle).toMatchObject({ state: 'pass', value: { lo: 23, hi: 25 } })
    expect(angle.filled[0]).toBe('φ = 36° − (12 ± 1)° + 0° = (24 ± 1)°')
    expect(lineValueText(angle)).toBe('24 ± 1°')
  })
  test('with a wedge of 40 mm under 380 mm: 6° more', () => {
    const wedge = { allowed: true, heightMm: 40, baseLengthMm: 380 }
    const angle = line(rearward({ mode: { wedge } }, { wedge: true }), 'shell-angle')
    expect(angle.value?.lo).toBeCloseTo(23 + 6.009, 2)
    expect(angle.filled[1]).toBe('ω = atan(40 / 380) = 6°')
  })
  test('forward the signs turn round', () => {
    const s = rearward({ mode: FORWARD, route: TETHER_ROUTE })
    expect(line(s, 'shell-angle').formula[0]).toBe('φ = θ + σ − ω')
    expect(line(s, 'shell-angle').value).toEqual({ lo: 31, hi: 33 })
  })
  test('a shell angle measured in the car goes before the arithmetic', () => {
    const readings = { 'shell-angle-deg': { number: measured(31, 1), at: Sequence(9) } }
    expect(line(rearward({ readings }), 'shell-angle').filled).toEqual(['φ = (31 ± 1)°, measured in the car'])
  })
  test('room: X = 200 + 0 + 600·sin 24° = 444; 560 − 444 = 116', () => {
    const room = line(rearward(), 'front-room')
    expect(room.state).toBe('pass')
    expect(room.value?.lo).toBeCloseTo(560 - 10 - (200 + 600 * Math.sin((25 * Math.PI) / 180)), 4)
    expect(room.filled).toEqual([
      'X = 200 mm + 0 mm + 600 mm·sin (24 ± 1)° = (444 ± 10) mm',
      'clearance = (560 ± 10) mm − (444 ± 10) mm = (116 ± 20) mm',
    ])
  })
  test('leg: needs 355 ± 2, notch 7 is 360: lifts by 5 ± 2', () => {
    const leg = line(rearward(), 'leg')
    expect(leg).toMatchObject({ state: 'pass', value: { lo: 3, hi: 7 } })
    expect(leg.filled[1]).toBe('L_7 = 300 + 6·180 / 18 = 360 mm')
  })
  test('leg between two notches: the one above lifts more than the maker allows', () => {
    const route = buildRoute({ leg: buildLeg({ notches: 5, maxLiftMm: 10 }), frontSeat: 'either' })
    // Notches at 300, 345, 390 …: 355 needs 390, which lifts by 35 mm.
    const leg = line(rearward({ route }, { legNotch: 3 }), 'leg')
    expect(leg).toMatchObject({ state: 'fail', value: { lo: 33, hi: 37 } })
    expect(remedyOf(leg.findings[0]!.outcome)).toContain('under the foot')
  })
  test('straps: shoulder 300 ± 4, slot 280: 20 below', () => {
    expect(line(rearward(), 'straps')).toMatchObject({ state: 'pass', value: { lo: -24, hi: -16 } })
  })
  test('head: eyes at 86–90 % of the sitting height against the edge', () => {
    const head = line(rearward({ child: { sittingHeightMm: measured(500) } }), 'head')
    expect(head).toMatchObject({ state: 'pass', value: { lo: 70, hi: 90 } })
  })
  test('tether, belt and buckle against strap, belt and edge', () => {
    const tether = rearward({
      mode: FORWARD,
      route: { ...TETHER_ROUTE, topTether: { use: 'required', minLengthMm: 300, maxLengthMm: 600 } },
      position: { tether: { where: 'shelf', pathLengthMm: measured(650, 20) } },
    })
    expect(line(tether, 'tether')).toMatchObject({ state: 'fail', filled: ['300 mm ≤ (650 ± 20) mm ≤ 600 mm'] })
    const belt = BELT_ROUTE.belt
    if (!belt) throw new Error('the belt route has a belt')
    const belted = rearward({
      route: { ...BELT_ROUTE, belt: { ...belt, requiredLengthMm: 2200, pathEdgeAboveBightMm: 110 } },
      position: {
        belt: { kind: 'three-point', usableLengthMm: measured(2100, 30), buckleTopMm: measured(125, 5) },
      },
    })
    expect(line(belted, 'belt')).toMatchObject({ state: 'fail', value: { lo: -130, hi: -70 } })
    expect(line(belted, 'buckle')).toMatchObject({ state: 'fail', value: { lo: 10, hi: 20 } })
  })
  test('booster: the guide above the shoulder', () => {
    const s = subjectOf(
      buildCase({
        mode: { ...BOOSTER, beltGuideMm: { fromMm: 330, toMm: 580 } },
        child: { statureCm: measured(118), seatedShoulderHeightMm: measured(400) },
        settings: set({ strapHeightMm: 426 }),
      }),
    )
    expect(line(s, 'guide')).toMatchObject({ state: 'fail', value: { lo: 26, hi: 26 } })
    expect(benchLines(s).map((l) => l.id)).not.toContain('shell-angle')
  })
})

describe('what is not known', () => {
  test.each([
    [{ cushion: {} }, 'shell-angle', 'the cushion’s slope'],
    [{ cushion: {} }, 'leg', 'the cushion’s front edge above the bare floor'],
    [{ frontClearanceMm: undefined }, 'front-room', 'the distance to the seat in front'],
  ] as const)('%j: line %s says so and is never a pass', (position, id, missing) => {
    const l = line(rearward({ position }), id)
    expect(l.missing).toBe(missing)
    expect(l.state).not.toBe('pass')
    expect(l.filled).toEqual([])
  })
  test('a fitting without any figure is drawn all the same, and says what is drawn at a usual size', () => {
    const s = subjectOf(
      buildCase({
        position: { cushion: undefined },
        child: { statureCm: undefined, seatedShoulderHeightMm: undefined },
      }),
    )
    const section = sectionOf(s)
    expect(section.child).toBeUndefined()
    expect(section.assumed.join()).toContain('cushion slope')
    expect(describeBench(s, section, benchLines(s)).at(-1)).toMatch(/^Drawn at a usual size, not known:/)
  })
})

describe('the drawing', () => {
  const distance = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y)
  test('is to scale: shell length, leg notch, slots and clearance measure what they are', () => {
    const s = rearward()
    const drawn = sectionOf(s)
    expect(distance(drawn.shellFoot, drawn.shellTop)).toBeCloseTo(600)
    expect(drawn.shellTop.x).toBeCloseTo(444.04, 1)
    expect((drawn.frontSeat?.x ?? 0) - drawn.shellTop.x).toBeCloseTo(560 - 444.04, 1)
    if (!drawn.leg || !drawn.strapAt) throw new Error('leg and straps are drawn')
    expect(distance(drawn.leg.hinge, drawn.leg.foot)).toBeCloseTo(360)
    expect(distance(drawn.shellFoot, drawn.strapAt)).toBeCloseTo(280)
    // Notch 7 is 5 mm too long: the base is lifted and the foot stands.
    expect(drawn.leg.foot.y).toBeCloseTo(drawn.floorY)
    expect(drawn.cushionFront.y - drawn.floorY).toBeCloseTo(355)
  })
  test('a notch too short leaves the foot in the air', () => {
    const drawn = sectionOf(rearward({}, { legNotch: 6 }))
    expect((drawn.leg?.foot.y ?? 0) - drawn.floorY).toBeCloseTo(5)
  })
  test('each handle stands where its value would put it', () => {
    const s = rearward({ mode: { wedge: { allowed: true, heightMm: 40, baseLengthMm: 380 }, slidesOnBaseMm: 40 } })
    const ids = sectionOf(s).handles.map((h) => h.id)
    expect(ids.toSorted()).toEqual(['frontSeatGapMm', 'legNotch', 'recline', 'slideMm', 'wedge'])
    for (const handle of sectionOf(s).handles) {
      for (const stop of handle.stops.slice(0, 3)) {
        const moved = sectionOf(whatIf(s, { [handle.id]: stop.value } as SettingValues))
        const there = moved.handles.find((h) => h.id === handle.id)
        expect(distance(there?.at ?? { x: 9e9, y: 0 }, stop.at)).toBeLessThan(0.5)
      }
    }
  })
  test('no two settings of the recline are drawn in one place', () => {
    const recline = sectionOf(rearward()).handles.find((h) => h.id === 'recline')
    expect(new Set(recline?.stops.map((x) => Math.round(x.at.x))).size).toBe(2)
  })
  test.each([
    ['forward with a tether', () => rearward({ mode: FORWARD, route: TETHER_ROUTE })],
    ['booster', () => subjectOf(buildCase({ mode: BOOSTER, child: { statureCm: measured(118) } }))],
    [
      'cushion',
      () =>
        subjectOf(buildCase({ mode: { ...BOOSTER, shape: 'booster-cushion' }, child: { statureCm: measured(130) } })),
    ],
    ['lie-flat', () => subjectOf(buildCase({ mode: { shape: 'lie-flat', direction: 'lateral' } }))],
  ])('%s: everything drawn lies inside the frame', (_, make) => {
    const drawn = sectionOf(make())
    const { minX, minY, maxX, maxY } = drawn.bounds
    const points = [
      ...drawn.shell,
      ...drawn.cushion,
      ...drawn.backrest,
      ...(drawn.tether ?? []),
      ...(drawn.headRestraint ?? []),
    ]
    for (const p of points) {
      expect(p.x).toBeGreaterThanOrEqual(minX)
      expect(p.x).toBeLessThanOrEqual(maxX)
      expect(p.y).toBeGreaterThanOrEqual(minY)
      expect(p.y).toBeLessThanOrEqual(maxY)
    }
  })
  test('a head restraint that is off is not drawn', () => {
    const s = rearward({ position: { headRestraint: 'removable' } })
    expect(sectionOf(s).headRestraint).toBeDefined()
    expect(sectionOf(whatIf(s, { vehicleHeadRestraint: 'off-and-stowed' })).headRestraint).toBeUndefined()
  })
})

describe('properties', () => {
  const slope = fc.integer({ min: -10, max: 30 })
  test('more slope never makes a rearward shell more reclined, nor take more room', () => {
    fc.assert(
      fc.property(slope, fc.integer({ min: 0, max: 10 }), (deg, more) => {
        const at = (x: number) =>
          rearward({ position: { cushion: { slopeDeg: measured(x), frontEdgeAboveFloorMm: measured(355) } } })
        const a = sectionOf(at(deg))
        const b = sectionOf(at(deg + more))
        expect(b.angleDeg).toBeLessThanOrEqual(a.angleDeg)
        expect(b.shellTop.x).toBeLessThanOrEqual(a.shellTop.x + 1e-6)
      }),
      { numRuns: 60 },
    )
  })
  test('the drawing’s clearance is the middle of the line’s', () => {
    fc.assert(
      fc.property(slope, fc.integer({ min: 420, max: 900 }), (deg, mm) => {
        const s = rearward({
          position: {
            cushion: { slopeDeg: measured(deg), frontEdgeAboveFloorMm: measured(355) },
            frontClearanceMm: measured(mm),
          },
        })
        const drawn = sectionOf(s)
        const value = line(s, 'front-room').value
        expect((drawn.frontSeat?.x ?? 0) - drawn.shellTop.x).toBeCloseTo(((value?.lo ?? 0) + (value?.hi ?? 0)) / 2, 0)
      }),
      { numRuns: 60 },
    )
  })
})

describe('what if', () => {
  test('the same values change nothing at all', () => {
    const s = rearward()
    expect(whatIf(s, { recline: 'r1', legNotch: 7 })).toBe(s)
  })
  test('what depends on a changed setting is as if nobody had looked, the rest stands', () => {
    const readings = {
      'shell-angle-deg': { number: measured(31, 1), at: Sequence(9) },
      'tug-left': { option: 'held', at: Sequence(9) },
    }
    const s = whatIf(rearward({ readings }), { recline: 'r2' })
    expect(s.look('shell-angle-deg')).toEqual({})
    expect(s.look('tug-left').reading?.option).toBe('held')
  })
  test('a maker’s own edge stands instead of the usual one', () => {
    const readings = { 'shell-angle-deg': { number: measured(31, 1), at: Sequence(9) } }
    const mode = { staleEdges: [{ change: 'recline', unpasses: ['head'] }] }
    expect(whatIf(rearward({ mode, readings }), { recline: 'r2' }).look('shell-angle-deg').reading).toBeDefined()
  })
})

describe('what is wanted is this mode’s own', () => {
  test.each([
    [{}, 'at or just below the shoulder'],
    [{ rule: 'level' as const }, 'level with the shoulder'],
    [{ rule: 'at-or-just-above' as const }, 'at or just above the shoulder'],
    [
      { gauge: 'head-support-lower-edge' as const, gaugeAboveExitMm: 30 },
      'at or just below the shoulder; read at the head support’s lower edge, 30 mm above',
    ],
    [
      { gauge: 'head-support-lower-edge' as const },
      'at or just below the shoulder; read at the head support’s lower edge',
    ],
  ])('straps %j: %s', (strap, wanted) => {
    const s = rearward({ mode: { strap: { adjuster: { kind: 'slots', heightsMm: [255, 280] }, ...strap } } })
    expect(line(s, 'straps').wanted).toBe(wanted)
  })
  test('the guide of a booster stands in the maker’s own window', () => {
    const at = (over: Partial<Mode>) =>
      subjectOf(buildCase({ mode: { ...BOOSTER, beltGuideMm: { fromMm: 330, toMm: 580 }, ...over }, child: { statureCm: measured(118) } })) // prettier-ignore
    expect(line(at({}), 'guide').wanted).toBe('0 to 20 mm; the guide goes 330–580 mm')
    expect(line(at({ guideAboveShoulderMm: { fromMm: 5, toMm: 30 } }), 'guide').wanted).toMatch(/^5 to 30 mm/)
  })
  test.each([
    [{}, 'no higher than the edge'],
    [{ headBelowEdgeMm: 40 }, 'at least 40 mm below the edge, by the maker'],
  ])('head %j: %s', (mode, wanted) => {
    expect(line(rearward({ mode }), 'head').wanted).toBe(wanted)
  })
  test('in front the room is to the dashboard', () => {
    const s = rearward({ position: { row: 1, frontAirbag: 'none', cushion: { slopeDeg: measured(12, 1) }, frontClearanceMm: measured(600, 10) } }) // prettier-ignore
    expect([line(s, 'front-room').label, lineValueText(line(s, 'front-room'))]).toEqual([
      'Room to the dashboard',
      expect.stringMatching(/\d+ ± \d+ mm/),
    ])
  })
  test('no line is shown as good beside a figure that is not known', () => {
    const facts = fc.record({
      slope: fc.boolean(),
      floor: fc.boolean(),
      clearance: fc.boolean(),
      shoulder: fc.boolean(),
      recline: fc.boolean(),
      wedge: fc.constantFrom(undefined, false, true),
      level: fc.constantFrom(undefined, 'good', 'off'),
    })
    fc.assert(
      fc.property(facts, (known) => {
        const s = rearward(
          {
            mode: {
              wedge: { allowed: true, heightMm: 40, baseLengthMm: 380 },
              ...(known.level && { angleProof: { kind: 'level-line' as const, what: 'the line lies level' } }),
            },
            position: {
              cushion: {
                ...(known.slope && { slopeDeg: measured(12, 1) }),
                ...(known.floor && { frontEdgeAboveFloorMm: measured(355, 2) }),
              },
              frontClearanceMm: known.clearance ? measured(700) : undefined,
            },
            child: { seatedShoulderHeightMm: known.shoulder ? measured(290, 2) : undefined },
            readings: known.level ? { 'angle-proof': { option: known.level, at: Sequence(9) } } : {},
          },
          { recline: known.recline ? 'r1' : undefined, wedge: known.wedge },
        )
        for (const l of benchLines(s)) {
          if (l.state === 'pass') expect([l.id, lineValueText(l)]).not.toContain('not known')
          // What is drawn beside a line is what its rule judges by.
          if (l.state === 'pass' && l.value !== undefined && l.window !== undefined)
            expect([l.id, within(l.value, l.window.from, l.window.to)]).not.toContain('fail')
          if (l.state === 'fail' && l.value !== undefined && ['straps', 'guide', 'head'].includes(l.id))
            expect([l.id, within(l.value, l.window?.from, l.window?.to)]).not.toContain('pass')
        }
      }),
      { seed: 71, numRuns: 150 },
    )
  })
})
