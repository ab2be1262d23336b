import { IsoDate, Sequence } from '../ground/index.ts'
import {
  ask,
  BELT_ROUTE,
  BOOSTER,
  buildCase,
  buildPosition,
  buildRoute,
  FORWARD,
  withEverythingGood,
} from '../../test/build.ts'
import {
  assess,
  fittedSubject,
  measured,
  recommendSettings,
  stepsFor,
  type Case,
  type Recommendation,
} from '../index.ts'

const recommended = (c: Case, setting: Recommendation['setting']) =>
  recommendSettings(fittedSubject(c)!).find((r) => r.setting === setting)
const flat = { cushion: { slopeDeg: measured(0, 0), frontEdgeAboveFloorMm: measured(355, 0) } }

describe('recommended settings', () => {
  test('recline: an older rearward child sits as upright as the band allows, or as reclined, by school', () => {
    const position = { cushion: { slopeDeg: measured(12, 0) } }
    expect(recommended(buildCase({ position }), 'recline')).toMatchObject({ kind: 'set', value: 'r1' })
    expect(
      recommended(buildCase({ position, practice: { olderRearwardRecline: 'most-reclined' } }), 'recline'),
    ).toMatchObject({ value: 'r2' })
  })
  test('recline: none meets the target on this slope, and the nearest is named', () => {
    const c = buildCase({ position: flat })
    expect(recommended(c, 'recline')).toMatchObject({ kind: 'none' })
    expect(recommended(c, 'recline')?.because).toContain('nearest is 1 at 36°')
  })
  test('recline: the wedge comes in only where no recline does without it, and only where allowed', () => {
    const wedge = { allowed: true, heightMm: 40, baseLengthMm: 380 }
    const infant = { child: { headControl: 'none' as const }, position: { cushion: { slopeDeg: measured(7, 0) } } }
    expect(recommended(buildCase({ ...infant }), 'recline')).toMatchObject({ kind: 'none' })
    const c = buildCase({ ...infant, mode: { wedge } })
    expect(recommended(c, 'wedge')).toMatchObject({ kind: 'set', value: true })
    expect(recommended(c, 'recline')).toMatchObject({ value: 'r2' })
    expect(
      recommended(buildCase({ ...infant, mode: { wedge: { ...wedge, allowed: false } } }), 'wedge'),
    ).toBeUndefined()
    expect(recommended(buildCase({ mode: { wedge } }), 'wedge')).toMatchObject({ value: false })
  })
  test('recline: only what the route permits', () => {
    const c = buildCase({
      route: buildRoute({ permittedReclines: ['r2'] }),
      position: { cushion: { slopeDeg: measured(12, 0) } },
    })
    expect(recommended(c, 'recline')).toMatchObject({ value: 'r2' })
  })
  describe('recline: room in front of the shell', () => {
    // ℓ = 700 and x₀ = 200 on 12° of slope: r1 reaches 485 mm, r2 550 mm; the school wants the most reclined.
    const at = (frontSeat: 'either' | 'must-touch' | 'must-not-touch', mm: number) =>
      buildCase({
        mode: { shellLengthMm: 700, footFromBackrestMm: 200 },
        route: buildRoute({ frontSeat }),
        practice: { olderRearwardRecline: 'most-reclined' },
        position: { cushion: { slopeDeg: measured(12, 0) }, frontClearanceMm: measured(mm) },
      })
    test.each([
      ['either', 560, 'r2'],
      ['either', 540, 'r1'],
      ['must-not-touch', 500, 'r1'],
      // The gap is closed by the seat in front: no reason to sit up.
      ['must-touch', 700, 'r2'],
      ['must-touch', 540, 'r1'],
    ] as const)('%s, the seat in front at %s mm: %s', (frontSeat, mm, value) => {
      expect(recommended(at(frontSeat, mm), 'recline')).toMatchObject({ kind: 'set', value })
    })
    test('no recline leaves room: none, and it says why', () => {
      expect(recommended(at('either', 450), 'recline')).toMatchObject({ kind: 'none' })
      expect(recommended(at('either', 450), 'recline')?.because).toContain('leave no room in front of the shell')
    })
  })
  test('must touch: the seat in front comes to where the shell reaches, on its track and for its driver', () => {
    const driver = buildPosition({ id: 'driver', row: 1, isDriverSeat: true })
    const at = (mm: number, range: { fullyBackMm: number; fullyForwardMm: number }) =>
      recommended(
        buildCase({
          mode: { shellLengthMm: 700, footFromBackrestMm: 200 },
          route: buildRoute({ frontSeat: 'must-touch' }),
          position: { cushion: { slopeDeg: measured(12, 0) }, frontClearanceMm: measured(mm), frontSeatRangeMm: range },
          others: [driver],
          settings: { recline: { value: 'r1', at: Sequence(2) } },
        }),
        'frontSeatGapMm',
      )
    expect(at(700, { fullyBackMm: 450, fullyForwardMm: 800 })).toMatchObject({ kind: 'set', value: 485 })
    expect(at(700, { fullyBackMm: 490, fullyForwardMm: 800 })).toMatchObject({ kind: 'none' })
    expect(at(480, { fullyBackMm: 450, fullyForwardMm: 800 })).toMatchObject({
      kind: 'none',
      text: 'Its tallest driver needs it further back',
    })
  })
  test('a booster’s guide is set for the shoulder, measured or estimated', () => {
    const mode = { ...BOOSTER, beltGuideMm: { fromMm: 330, toMm: 580 } }
    const child = (over: object) => ({ statureCm: measured(118), ...over })
    expect(
      recommended(buildCase({ mode, child: child({ seatedShoulderHeightMm: measured(400) }) }), 'strapHeightMm'),
    ).toMatchObject({ kind: 'set', value: 410, text: 'Belt guide at 410 mm' })
    expect(
      recommended(buildCase({ mode, child: child({ seatedShoulderHeightMm: undefined }) }), 'strapHeightMm'),
    ).toMatchObject({ kind: 'choose' })
    expect(
      recommended(buildCase({ mode, child: child({ seatedShoulderHeightMm: measured(600) }) }), 'strapHeightMm'),
    ).toMatchObject({ kind: 'none' })
  })
  test('what must be known first is asked for', () => {
    expect(recommended(buildCase({ position: { cushion: undefined } }), 'recline')).toMatchObject({
      kind: 'ask',
      text: 'Measure the cushion slope first',
    })
    expect(recommended(buildCase({ position: { cushion: undefined } }), 'legNotch')).toMatchObject({ kind: 'ask' })
    expect(recommended(buildCase({ child: { seatedShoulderHeightMm: undefined } }), 'strapHeightMm')).toMatchObject({
      kind: 'ask',
    })
    expect(
      recommended(buildCase({ child: { headControl: undefined, dateOfBirth: IsoDate('2026-05-25') } }), 'recline'),
    ).toMatchObject({ kind: 'ask' })
  })
  test.each([
    [355, 0, { kind: 'set', value: 7, text: 'Notch 7 of 19' }],
    [355, 10, { kind: 'choose', values: [6, 7, 8] }],
    [299, 2, { kind: 'ask' }],
    [500, 2, { kind: 'none', text: 'The leg is too short for this place' }],
    [250, 2, { kind: 'none', text: 'The leg is too long for this place' }],
  ])('leg: %s ± %s mm', (mm, u, expected) => {
    expect(
      recommended(buildCase({ position: { cushion: { frontEdgeAboveFloorMm: measured(mm, u) } } }), 'legNotch'),
    ).toMatchObject(expected)
  })
  test('straps: the slot, the choice between two, or outgrown', () => {
    expect(recommended(buildCase(), 'strapHeightMm')).toMatchObject({
      kind: 'set',
      value: 280,
      text: 'Straps at slot 3 (280 mm)',
    })
    expect(
      recommended(buildCase({ child: { seatedShoulderHeightMm: measured(305, 4) } }), 'strapHeightMm'),
    ).toMatchObject({ kind: 'choose', values: [280, 305] })
    expect(
      recommended(buildCase({ mode: FORWARD, child: { seatedShoulderHeightMm: measured(350, 4) } }), 'strapHeightMm'),
    ).toMatchObject({ kind: 'none' })
  })
  test('a gauge at the head support’s edge is said with the setting; one whose offset is not stated is asked for', () => {
    const strap = { adjuster: { kind: 'slots' as const, heightsMm: [255, 280, 305] }, gauge: 'head-support-lower-edge' as const } // prettier-ignore
    expect(
      recommended(buildCase({ mode: { strap: { ...strap, gaugeAboveExitMm: 30 } } }), 'strapHeightMm'),
    ).toMatchObject({
      kind: 'set',
      value: 280,
      text: 'Straps at slot 2 (280 mm), read at the head support’s lower edge 310 mm',
    })
    const silent = buildCase({ mode: { strap }, settings: { strapHeightMm: { value: 280, at: Sequence(2) } } })
    expect(recommended(silent, 'strapHeightMm')).toMatchObject({ kind: 'ask' })
    expect(ask('strap-height', silent)).toMatchObject({ kind: 'undecided', missing: ['mode.strap'] })
  })
  test.each(['inserts', 'strap', 'reclines'] as const)(
    '%s that nobody read are asked for, never taken for none',
    (part) => {
      const setting = ({ inserts: 'insertsIn', strap: 'strapHeightMm', reclines: 'recline' } as const)[part]
      const c = buildCase()
      const unread = c.restraints.map((m) => ({ ...m, modes: m.modes.map((x) => ({ ...x, [part]: undefined })) }))
      expect(recommended({ ...c, restraints: unread }, setting)).toMatchObject({ kind: 'ask' })
    },
  )
  test.each([
    ['removable, nothing said', {}, {}, {}, 'on'],
    ['the school takes it off', {}, {}, { vehicleHeadRestraint: 'always-off' }, 'off-and-stowed'],
    ['the maker wants it on', {}, { vehicleHeadRestraint: 'on' }, { vehicleHeadRestraint: 'always-off' }, 'on'],
    ['the maker wants it off', {}, { vehicleHeadRestraint: 'off' }, {}, 'off-and-stowed'],
    ['it does not come off', { headRestraint: 'fixed' }, {}, {}, undefined],
    ['off, and it does not come off', { headRestraint: 'fixed' }, { vehicleHeadRestraint: 'off' }, {}, 'none'],
    ['there is none', { headRestraint: 'none' }, { vehicleHeadRestraint: 'on' }, {}, undefined],
  ])('the vehicle’s head restraint: %s', (_, position, route, practice, expected) => {
    const r = recommended(
      buildCase({
        position: { headRestraint: 'removable', ...position } as never,
        route: buildRoute(route as never),
        practice: practice as never,
      }),
      'vehicleHeadRestraint',
    )
    expect(r?.kind === 'set' ? r.value : r?.kind).toBe(expected)
  })
  test('taken off where it fouls, it is not asked back on', () => {
    const at = (value: 'on' | 'off-and-stowed', gap: string) =>
      recommended(
        buildCase({
          position: { headRestraint: 'removable' },
          settings: { vehicleHeadRestraint: { value, at: Sequence(2) } },
          readings: { 'gap-behind': { option: gap, at: Sequence(3) } },
        }),
        'vehicleHeadRestraint',
      )
    expect(
      [at('on', 'none'), at('on', 'gap'), at('off-and-stowed', 'none')].map((r) => r?.kind === 'set' && r.value),
    ).toEqual(['on', 'off-and-stowed', 'off-and-stowed'])
  })
  test('a booster has none of them', () => {
    expect(
      recommendSettings(fittedSubject(buildCase({ mode: BOOSTER, child: { statureCm: measured(112) } }))!),
    ).toEqual([])
  })
  test('a definite recommendation is never one that the rules fail', () => {
    for (const c of [
      buildCase(),
      buildCase({ mode: FORWARD }),
      buildCase({ child: { headControl: 'none' }, position: flat }),
    ]) {
      const fails = assess(withEverythingGood(c)).findings.filter((f) => f.stage === 'set-up' && f.kind === 'fail')
      expect(fails).toEqual([])
    }
  })
})

describe('steps', () => {
  const steps = (c: Case) => stepsFor(fittedSubject(c)!)
  test('in the order of work', () => {
    expect(steps(buildCase()).map((s) => s.id)).toEqual([
      'before',
      'prepare',
      'connect',
      'push-home',
      'base-gap',
      'leg',
      'front-seat',
      'proof',
      'sit',
      'buckle',
      'head',
    ])
  })
  test('a maker’s step takes the place of the usual one, or comes after it', () => {
    const route = buildRoute({
      steps: [
        { id: 'ratchet', text: 'Pull the ratchet strap until it stops.', replaces: 'push-home' },
        { id: 'bar', text: 'Fold the rebound bar up.', after: ['connect'] },
      ],
    })
    const list = steps(buildCase({ route }))
    expect(list.find((s) => s.id === 'push-home')).toMatchObject({
      byMaker: true,
      does: ['Pull the ratchet strap until it stops.'],
      checks: ['pushed-home'],
    })
    expect(list.map((s) => s.id).slice(2, 5)).toEqual(['connect', 'bar', 'push-home'])
  })
  test('the belt is threaded guide by guide, then locked as the route’s own lock wants', () => {
    const does = (kind: object) =>
      steps(buildCase({ route: { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, lock: kind as never } } }))
        .find((s) => s.id === 'lock-belt')
        ?.does.join(' ')
    expect(steps(buildCase({ route: BELT_ROUTE })).find((s) => s.id === 'thread-belt')?.does[2]).toBe(
      'Lap: under blue guide, buckle side (right).',
    )
    expect(does({ kind: 'locking-clip', fromTongueMm: 0 })).toContain('flush with the tongue')
    expect(does({ kind: 'locking-clip', fromTongueMm: 25 })).toContain('25 mm from the tongue')
    expect(does({ kind: 'switchable-retractor' })).toContain('right out')
    expect(does({ kind: 'tension-only' })).toContain('No lock holds the belt')
  })
  test('arms that run back are thumbed home; the harder side goes first', () => {
    const c = buildCase({
      route: buildRoute({
        isofix: { connectors: 'rigid', role: 'holds', pushedHome: 'required', armsMayRetract: true },
      }),
      position: { isofix: { bars: 'recessed', easierSide: 'right' } },
    })
    expect(steps(c).find((s) => s.id === 'push-home')?.does[0]).toContain('Thumb each arm')
    expect(steps(c).find((s) => s.id === 'connect')?.does).toEqual([
      'Note what each indicator shows before you push.',
      'The bars are recessed: feel for them, use guides.',
      'Push the left connector first, the harder side, then the right, on until it clicks.',
    ])
  })
})
