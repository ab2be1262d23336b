import { IsoDate, ModelId, Sequence, UnitId } from '../ground/index.ts'
import { runs } from '../../test/runs.ts'
import fc from 'fast-check'
import { BELT_ROUTE, BOOSTER, buildCase, buildMode, buildModel, buildUnit, FORWARD } from '../../test/build.ts'
import {
  addDays,
  datesOf,
  measured,
  roadAhead,
  sequencesAhead,
  settingsToRemember,
  type AheadItem,
  type RestraintUnit,
  type Case,
  type StockItem,
  whenText,
} from '../index.ts'

const COUNT = 300
const item = (c: Case, id: string): AheadItem | undefined => roadAhead(c, COUNT).find((i) => i.id === id)
const PAD = { id: 'pad', name: 'Seat pad', thicknessMm: 20, allowedUntil: { massKg: 11 } }

describe('the road ahead', () => {
  const c = buildCase({
    mode: { inserts: [PAD] },
    settings: { insertsIn: { value: ['pad'], at: Sequence(2) }, strapHeightMm: { value: 305, at: Sequence(2) } },
  })
  test('what is in comes out, what is out does not; straps go up, the mode ends, the unit ends', () => {
    expect(item(c, 'insert-pad')).toMatchObject({ title: 'Seat pad out', because: 'the maker allows it until 11 kg' })
    expect(item({ ...c, settings: {} }, 'insert-pad')).toBeUndefined()
    expect(item(c, 'strap-up')).toMatchObject({ title: 'Straps up to slot 5 (330 mm)' })
    expect(item(c, 'mode-ends')?.because).toMatch(/^first by (stature|mass|seated shoulder)/)
    expect(item(c, 'unit-ends')).toMatchObject({ likely: IsoDate('2034-01-15'), isFixed: true })
  })
  test('soonest first, and early ≤ likely ≤ late, all after today', () => {
    const road = roadAhead(c, COUNT)
    expect(road.map((i) => i.likely)).toEqual(road.map((i) => i.likely).toSorted())
    for (const { early, likely, late } of road) {
      expect(early <= likely && likely <= (late ?? '9999')).toBe(true)
      expect(likely > c.today).toBe(true)
    }
  })
  test('a gauge without slots: due once the shoulder has left what the set height serves; at its top nothing', () => {
    const stepless = (setMm: number, over: object = {}) =>
      buildCase({
        mode: { strap: { adjuster: { kind: 'stepless', fromMm: 250, toMm: 400 }, ...over } },
        settings: { strapHeightMm: { value: setMm, at: Sequence(2) } },
      })
    expect(item(stepless(305), 'strap-up')?.title).toBe('Straps up to the next mark of the gauge from 305 mm')
    const gauge = { gauge: 'head-support-lower-edge', gaugeAboveExitMm: 20 }
    expect(item(stepless(305, gauge), 'strap-up')?.title).toBe('Straps up to the next mark of the gauge from 325 mm')
    // A tighter figure of the maker's is due sooner.
    expect((item(stepless(305, { justMm: 25 }), 'strap-up')?.likely ?? '') < (item(stepless(305), 'strap-up')?.likely ?? '')).toBe(true) // prettier-ignore
    expect(item(stepless(400), 'strap-up')).toBeUndefined()
  })
  test.each([
    // Recline, slope, wedge angle about 11°: the day of the first birthday, where the bare shell is in the later band.
    ['2026-01-10', 30, '2027-01-10'],
    ['2026-01-10', 18, undefined],
    ['2025-11-25', 30, undefined],
    [undefined, 30, undefined],
  ])('born %s, recline %s°: the wedge comes out on %s', (dateOfBirth, shellAngleDeg, on) => {
    const born = dateOfBirth === undefined ? undefined : IsoDate(dateOfBirth)
    const child = { dateOfBirth: born, headControl: 'steady' as const, bornAtWeeks: 40 }
    const wedged = buildCase({
      child,
      mode: {
        reclines: [{ id: 'r1', label: '1', shellAngleDeg }],
        wedge: { allowed: true, heightMm: 60, baseLengthMm: 300 },
      },
      position: { cushion: { slopeDeg: measured(0, 0.5), frontEdgeAboveFloorMm: measured(355, 2) } },
      settings: { recline: { value: 'r1', at: Sequence(2) }, wedge: { value: true, at: Sequence(2) } },
    })
    expect(item(wedged, 'wedge-out')?.likely).toBe(on)
    expect(item({ ...wedged, settings: { recline: { value: 'r1', at: Sequence(2) } } }, 'wedge-out')).toBeUndefined()
  })
  test('the guard opens no sooner than the child may turn, and only where there is one', () => {
    const young = buildCase({
      child: { dateOfBirth: IsoDate('2026-01-10'), statureCm: measured(72, 0.5), massKg: measured(9) },
    })
    const turns = { locks: [{ id: 't', what: 'ring', kind: 'click' as const }] }
    const road = (forwardGuard: boolean) => {
      const rearward = { ...young.restraints[0]!.modes[0]!, turns: { ...turns, forwardGuard } }
      return { ...young, restraints: [buildModel([rearward, buildMode(FORWARD)])] }
    }
    expect(item(road(true), 'guard-forward')?.likely).toBe(item(road(true), 'turn-forward')?.likely)
    expect(item(road(true), 'guard-forward')?.title).toBe('Guard against facing forward may be opened')
    expect(item(road(false), 'guard-forward')).toBeUndefined()
  })
  test('at the highest slot there is nothing to go up to', () => {
    expect(item({ ...c, settings: { strapHeightMm: { value: 330, at: Sequence(2) } } }, 'strap-up')).toBeUndefined()
  })
  test.each([
    ['2026-09-01', '2027-01-25'],
    ['2025-07-10', '2027-03-25'],
    ['2023-01-01', '2027-05-25'],
  ])('born %s, the next look is due on %s', (dateOfBirth, likely) => {
    const child = { dateOfBirth: IsoDate(dateOfBirth), massKg: undefined, statureCm: undefined }
    expect(item(buildCase({ child }), 'next-check')).toMatchObject({ likely, isFixed: true })
  })
  test('may turn forward: only what is not yet open, and never “must”', () => {
    const forward = buildMode(FORWARD)
    const young = buildCase({
      child: { dateOfBirth: IsoDate('2026-01-10'), statureCm: measured(72, 0.5), massKg: measured(9) },
    })
    const both = { ...young, restraints: [buildModel([buildMode(), forward])] }
    const turn = item(both, 'turn-forward')
    expect(turn?.title).toBe('May turn forward (Forward, 76–105 cm)')
    // Over 15 months: the day after 10 April 2027 at the earliest.
    expect((turn?.early ?? '') >= '2027-04-10').toBe(true)
    expect(turn?.because).toContain('your profile keeps it rearward')
    const grown = { ...buildCase(), restraints: [buildModel([buildMode(), forward])] }
    expect(item(grown, 'turn-forward')).toBeUndefined()
  })
  test('the duty ends at the birthday of the local rule even beyond the tables', () => {
    const localRule = { id: 'to-12', name: 'Until 12 years', untilAgeYears: 12 }
    const end = item(buildCase({ localRule }), 'duty-ends')
    expect(Math.abs(Date.parse(end?.likely ?? '') - Date.parse('2037-07-10'))).toBeLessThan(2 * 86_400_000)
  })
  test('a child that nobody has measured has no forecast, only what is fixed', () => {
    const bare = buildCase({ child: { massKg: undefined, statureCm: undefined } })
    expect(roadAhead(bare, COUNT).every((i) => i.isFixed)).toBe(true)
  })
  test('nothing chosen, nothing ahead', () => {
    expect(roadAhead({ ...buildCase(), choice: { at: Sequence(0) } }, COUNT)).toEqual([])
  })
  test('a higher limit never comes earlier', () => {
    const at = (massKg: number) =>
      item(
        buildCase({
          mode: { inserts: [{ ...PAD, allowedUntil: { massKg } }] },
          settings: { insertsIn: { value: ['pad'], at: Sequence(2) } },
        }),
        'insert-pad',
      )?.likely ?? '0000'
    fc.assert(
      fc.property(fc.integer({ min: 105, max: 150 }), fc.integer({ min: 0, max: 20 }), (a, more) => {
        expect(at((a + more) / 10) >= at(a / 10)).toBe(true)
      }),
      { numRuns: runs(4) },
    )
  })
})

test.each([
  [{ p10: 1, p50: 2, p90: 3 }, ['2026-12-25', '2027-01-25', '2027-02-24']],
  [{ p10: 1, p50: 2, p90: Infinity }, ['2026-12-25', '2027-01-25', undefined]],
  [{ p10: 1, p50: Infinity, p90: Infinity }, undefined],
])('months %j as days', (quantiles, days) => {
  const dates = datesOf(IsoDate('2026-11-25'), quantiles)
  expect(dates && [dates.early, dates.likely, dates.late]).toEqual(days)
})

describe('one restraint after another', () => {
  const unit = (id: string, model: string) =>
    buildUnit({ id: UnitId(id), modelId: ModelId(model), madeOn: IsoDate('2026-01-01') })
  const stock = (...models: ReturnType<typeof buildModel>[]): StockItem[] =>
    models.map((model) => ({ model: { ...model, lifeYears: 20 }, unit: unit(`u-${model.id}`, model.id) }))
  const rearward = buildModel([buildMode()])
  const seat = buildModel(
    [
      buildMode({
        id: 'harness',
        direction: 'forward',
        statureCm: { from: 76, to: 125 },
        massKg: { to: 30 },
        strap: undefined,
        headRule: undefined,
        routes: [BELT_ROUTE],
      }),
    ],
    { id: ModelId('seat') },
  )
  const booster = buildModel([buildMode({ ...BOOSTER, headRule: undefined })], { id: ModelId('booster') })
  const c: Case = { ...buildCase(), choice: { ...buildCase().choice, unitId: undefined } }
  const ways = (s: readonly StockItem[]) => sequencesAhead(c, s, COUNT)

  test('the profile keeps the harness, the fewest changes skip it', () => {
    const all = ways(stock(rearward, seat, booster))
    expect(all.map((s) => [s.by, s.legs.map((l) => l.mode.id)])).toEqual([
      ['profile', ['rearward', 'harness', 'booster']],
      ['fewest', ['rearward', 'booster']],
    ])
    expect(all[0]?.legs.map((l) => l.isNew)).toEqual([false, true, true])
  })
  test('each leg begins where the one before it ends', () => {
    for (const { legs, gaps } of ways(stock(rearward, seat, booster))) {
      expect(gaps).toEqual([])
      expect(legs[0]?.from).toBe(c.today)
      legs.slice(1).forEach((leg, i) => expect(leg.from).toBe(legs[i]?.to))
      // It might be used before it is needed, and never only after.
      for (const leg of legs) expect(leg.mayBeginFrom <= leg.from).toBe(true)
      expect(legs.some((leg) => leg.mayBeginFrom < leg.from)).toBe(true)
    }
  })
  test('nothing of the stock serves: a gap with its days', () => {
    const tall = buildModel([buildMode({ ...BOOSTER, headRule: undefined, statureCm: { from: 120, to: 150 } })], {
      id: ModelId('tall'),
    })
    const [way] = ways(stock(rearward, tall))
    expect(way?.gaps).toHaveLength(1)
    expect(way?.gaps[0]?.from).toBe(way?.legs[0]?.to)
    expect(way?.gaps[0]?.to).toBe(way?.legs[1]?.from)
  })
  test('a unit that may not be used is on no road; one of which nobody knows comes after one that is known', () => {
    const sound = buildUnit({ id: UnitId('u-sound'), modelId: ModelId('booster'), serial: 'S-1' })
    const booster2 = (unit: RestraintUnit): StockItem => ({ model: booster, unit })
    const road = (...units: RestraintUnit[]) =>
      ways([...stock(rearward), ...units.map(booster2)])[0]
        ?.legs.map((l) => [l.unit?.serial, l.isUnsure])
        .slice(1)
    const crashed = { ...sound, id: UnitId('u-crash'), serial: 'C-1', wasInCrash: true }
    const recalled = { ...sound, id: UnitId('u-recall'), serial: 'R-1', isRecalled: true }
    const { isHistoryKnown: _known, ...found } = { ...sound, id: UnitId('u-found'), serial: 'F-1' }
    expect(road(sound)).toEqual([['S-1', false]])
    expect(road(crashed)).toEqual([])
    expect(road(recalled, sound)).toEqual([['S-1', false]])
    expect(road(found)).toEqual([['F-1', true]])
    expect(road(found, sound)).toEqual([['S-1', false]])
    // Nobody knows until when it may be used; a job on it is not done; its life is over.
    const { madeOn: _made, ...undated } = { ...sound, id: UnitId('u-undated'), serial: 'U-1' }
    const inJob = {
      ...sound,
      id: UnitId('u-job'),
      serial: 'J-1',
      awaitsCheck: { job: 'wash' as const, since: IsoDate('2026-11-20') },
    }
    const over = { ...sound, id: UnitId('u-over'), serial: 'O-1', lifeEndsOn: IsoDate('2026-11-24') }
    expect(road(undated)).toEqual([['U-1', true]])
    expect(road(inJob)).toEqual([['J-1', true]])
    expect(road(over)).toEqual([])
    expect(road(undated, inJob, over, sound)?.[0]).toEqual(['S-1', false])
  })
  test('another mode of the restraint in use is nothing new', () => {
    const grows = buildModel([buildMode(), buildMode({ ...BOOSTER, headRule: undefined })])
    const [way] = ways(stock(grows))
    expect(way).toMatchObject({ restraints: 1 })
    expect(way?.legs.map((l) => l.isNew)).toEqual([false, false])
  })
  test('an unmeasured child or an empty shelf: no way is claimed', () => {
    expect(ways([])).toEqual([])
    const bare: Case = { ...c, child: { ...c.child, massKg: undefined, statureCm: undefined } }
    expect(sequencesAhead(bare, stock(rearward), COUNT)).toEqual([])
  })
})

test('settings to remember: what is set, in words, in the order of work', () => {
  const c = buildCase({
    mode: { inserts: [PAD], wedge: { allowed: true, heightMm: 40, baseLengthMm: 380 }, slidesOnBaseMm: 40 },
    settings: {
      recline: { value: 'r2', at: Sequence(2) },
      strapHeightMm: { value: 280, at: Sequence(2) },
      legNotch: { value: 7, at: Sequence(2) },
      wedge: { value: true, at: Sequence(2) },
      slideMm: { value: 20, at: Sequence(2) },
      insertsIn: { value: [], at: Sequence(2) },
      vehicleHeadRestraint: { value: 'off-and-stowed', at: Sequence(2) },
      frontSeatGapMm: { value: 620, at: Sequence(2) },
    },
  })
  expect(settingsToRemember(c).map((r) => `${r.name}: ${r.value}`)).toEqual([
    'Route: ISOFIX with leg',
    'Recline: 2',
    'Shoulder straps: slot 3 (280 mm)',
    'Support leg: notch 7',
    'Wedge: in',
    'Shell on its base: slid 20 mm',
    'Inserts: none in',
    'Vehicle head restraint: off and stowed',
    'Seat in front: 620 mm from the backrest',
  ])
  expect(addDays(c.today, 0)).toBe(c.today)
})

const due = { early: IsoDate('2027-02-09'), likely: IsoDate('2027-05-25'), late: IsoDate('2027-11-05') }
test.each([
  [{ ...due, isFixed: false }, 'about month 2027-05-25 (from month 2027-02-09 to month 2027-11-05)'],
  [{ ...due, late: undefined, isFixed: false }, 'about month 2027-05-25 (from month 2027-02-09, or much later)'],
  [{ ...due, isFixed: true }, 'day 2027-05-25'],
])('when %j is due: %s', (over, text) => {
  const item = { id: 'x', kind: 'mode-ends', title: '', because: '', ...over } as const
  expect(whenText(item, (iso, form) => `${form} ${iso}`)).toBe(text)
})
