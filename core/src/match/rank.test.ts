import { IsoDate, ModelId, UnitId } from '../ground/index.ts'
import fc from 'fast-check'
import {
  BELT_ROUTE,
  BOOSTER,
  buildCase,
  buildChild,
  buildStatedMode,
  buildModel,
  buildPosition,
  buildUnit,
  buildVehicle,
  FORWARD,
  TETHER_ROUTE,
  TODAY,
  TURNS,
} from '../../test/build.ts'
import {
  DEFAULT_LOCAL_RULE,
  DEFAULT_PRACTICE,
  easiestRoute,
  evaluate,
  decide,
  every,
  fittedSubject,
  glance,
  matchModes,
  measured,
  monthsAhead,
  rankModes,
  whyAbove,
  type ModeMatch,
  type PracticeProfile,
  type RankBasis,
  type RouteEase,
} from '../index.ts'
import { waysIn } from './ease.ts'
import { isForAnotherStage, tellsApart, unknownOf, type CriterionId } from './rank.ts'
import { CONFIGURATIONS } from '../../test/configurations.ts'

const circumstances = (child = {}, practice = {}) => ({
  today: TODAY,
  child: buildChild(child),
  practice: { ...DEFAULT_PRACTICE, ...practice },
  localRule: DEFAULT_LOCAL_RULE,
})
const forward = buildStatedMode({ ...FORWARD, ...TURNS, routes: [TETHER_ROUTE] })
const roomy = buildStatedMode({ id: 'roomy', statureCm: { from: 61, to: 125 }, massKg: { to: 25 } })
const tight = buildStatedMode({ id: 'tight', massKg: { to: 10.8 } })
const booster = buildStatedMode(BOOSTER)
const stock = [
  { model: buildModel([tight, forward, roomy]), unit: buildUnit() },
  {
    model: buildModel([booster], { id: ModelId('reef') }),
    unit: buildUnit({ id: UnitId('unit-2'), modelId: ModelId('reef') }),
  },
]
const names = (ms: readonly ModeMatch[]) => ms.map((m) => m.mode.id)

test('by profile first, then by what the next visit may break: and each place in the order says why', () => {
  const c = circumstances()
  const ranked = matchModes(c, stock)
  expect(names(ranked)).toEqual(['roomy', 'tight', 'forward', 'booster'])
  const basis = { practice: c.practice }
  const why = (i: number) => whyAbove(ranked[i]!, ranked[i + 1]!, basis)
  expect([why(0), why(1), why(2)]).toEqual([
    'the other may be outgrown by the next visit (0.3 kg from 10.8)',
    'the other is advised against: a rearward mode still takes this child',
    'it is permitted, the other not permitted yet',
  ])
})

test('the school of the legal minimum lets room decide between the directions', () => {
  const c = circumstances({}, { turningForward: 'legal-minimum' })
  const ranked = matchModes(c, stock)
  expect(names(ranked).indexOf('forward')).toBeLessThan(names(ranked).indexOf('tight'))
})

describe('the order of modes', () => {
  const base = matchModes(circumstances(), [{ model: buildModel([buildStatedMode()]), unit: buildUnit() }])[0]!
  type Over = Partial<Omit<ModeMatch, 'mode'>> & { mode?: Partial<ModeMatch['mode']> }
  const like = (id: string, over: Over = {}): ModeMatch => ({
    model: base.model,
    unit: base.unit,
    subject: base.subject,
    decision: 'pass',
    standing: 'permitted',
    findings: [],
    openNeeds: new Set(),
    routes: [],
    deciding: undefined,
    isAdvisedAgainst: false,
    room: 0.5,
    roomToGrow: 0.5,
    ...over,
    mode: { ...base.mode, ...over.mode, id },
  })
  const certain: RouteEase = { points: 2, text: 'ISOFIX, leg; rear left', decision: 'pass', findings: [] }
  interface Told {
    readonly match?: Over
    readonly months?: number
    readonly ease?: RouteEase | null
  }
  /** Each criterion in its order: what makes a mode better by it, what worse, and what is said. */
  const ORDER: readonly [CriterionId, better: Told, worse: Told, why: string][] = [
    [
      'decision',
      { match: { decision: 'pass', standing: 'permitted' } },
      { match: { decision: 'undecided', standing: 'undecided' } },
      'it is permitted, the other undecided',
    ],
    ['stands-nowhere', {}, { ease: null }, 'the other fits nowhere in this car'],
    [
      'stage-of-life',
      {},
      { match: { mode: { shape: 'lie-flat' } } },
      'the other is a lie-flat, meant for a younger child, and no recorded advice asks for it',
    ],
    ['advice', {}, { match: { isAdvisedAgainst: true } }, 'the other is advised against: '],
    [
      'stands-for-certain',
      {},
      { ease: { ...certain, decision: 'undecided' } },
      'it fits this car for certain (belt; rear left); of the other that is not known yet',
    ],
    [
      'direction',
      { match: { mode: { direction: 'rearward' } } },
      { match: { mode: { direction: 'forward' } } },
      'it is rearward, and the profile “Co-op default” turns forward as late as it can',
    ],
    [
      'harness',
      {},
      { match: { mode: { heldBy: 'vehicle-belt' } } },
      'it has its own harness, and the profile “Co-op default” uses one to its limit',
    ],
    [
      'months',
      { months: Infinity },
      { months: 9.9 },
      'it can be used longer in its direction, by the growth forecast (beyond the growth tables against 9 months)',
    ],
    [
      'small-margin',
      {},
      { match: { roomToGrow: 0.049 } },
      'the other may be outgrown by the next visit (no limit near)',
    ],
    [
      'unknown',
      { match: { decision: 'undecided', standing: 'undecided' } },
      { match: { decision: 'undecided', standing: 'undecided', openNeeds: new Set(['child.massKg']) } },
      'it waits for fewer readings (0 against 1 reading)',
    ],
    [
      'ease',
      {},
      { ease: { ...certain, points: 3, text: 'belt; rear left' } },
      'it is simpler to attach in this car (ISOFIX, leg; rear left against belt; rear left)',
    ],
    [
      'margin',
      { match: { room: Infinity } },
      { match: { room: 0.9 } },
      'it has more room to its nearest limit (no limit near against no limit near)',
    ],
  ]
  const at = (i: number): (typeof ORDER)[number] => ORDER[i]!
  const merged = (id: string, parts: readonly Told[]): [ModeMatch, Told] => {
    const told = parts.reduce<Told>(
      (all, part) => ({
        ...all,
        ...part,
        match: { ...all.match, ...part.match, mode: { ...all.match?.mode, ...part.match?.mode } },
      }),
      {},
    )
    return [like(id, told.match), told]
  }
  const basisOf = (told: ReadonlyMap<ModeMatch, Told>): RankBasis => ({
    practice: { ...DEFAULT_PRACTICE, name: 'Co-op default' },
    monthsLeft: (m) => told.get(m)?.months ?? 12,
    ease: (m) => (told.get(m)?.ease === null ? undefined : (told.get(m)?.ease ?? certain)),
  })

  test.each(ORDER.map(([id], i) => [id, i] as const))(
    '%s decides where all before it are equal, whatever those after it say',
    (id, i) => {
      // The better one is worse by everything that comes later, and its name comes last.
      const later = ORDER.slice(i + 1).filter(([other]) => other !== 'decision' && other !== 'stands-nowhere')
      const better = merged('z', [...later.map(([, , worse]) => worse), at(i)[1]])
      const worse = merged('a', [...later.map(([, good]) => good), at(i)[2]])
      const basis = basisOf(new Map([better, worse]))
      expect(names(rankModes([worse[0], better[0]], basis))).toEqual(['z', 'a'])
      expect(tellsApart(better[0], worse[0], basis)).toBe(id)
      expect(whyAbove(better[0], worse[0], basis)).toContain(at(i)[3])
      expect(() => whyAbove(worse[0], better[0], basis)).toThrow('does not stand above')
    },
  )
  test('what nothing tells apart stands by name, also with no end of use in sight', () => {
    const [a, b] = [like('a'), like('b')]
    const basis = basisOf(new Map([a, b].map((m) => [m, { months: Infinity }])))
    expect(names(rankModes([b, a], basis))).toEqual(['a', 'b'])
    expect(whyAbove(a, b, basis)).toBe('nothing tells them apart; by name')
    const refused = like('c', { decision: 'fail', standing: 'outgrown' })
    expect(whyAbove(refused, refused, basis)).toBe('neither is permitted; by name')
  })
  test.each<[string, object, boolean]>([
    ['a steady head', { headControl: 'steady', dateOfBirth: undefined }, true],
    ['seven months, the head not asked', { headControl: undefined, dateOfBirth: IsoDate('2026-04-20') }, true],
    ['six months to the day, the head not asked', { headControl: undefined, dateOfBirth: IsoDate('2026-05-25') }, true],
    ['a day short of six months', { headControl: undefined, dateOfBirth: IsoDate('2026-05-26') }, false],
    ['three months', { headControl: 'none', dateOfBirth: IsoDate('2026-08-20') }, false],
    ['nothing known', { headControl: undefined, dateOfBirth: undefined }, false],
    [
      'advice that asks for it',
      {
        headControl: 'steady',
        advice: { by: 'M. Lorne', role: 'nurse', on: IsoDate('2026-11-20'), outcome: 'lie-flat-only' },
      },
      false,
    ],
    [
      'advice that asks for something else',
      {
        headControl: 'steady',
        advice: { by: 'M. Lorne', role: 'nurse', on: IsoDate('2026-11-20'), outcome: 'this-restraint' },
      },
      true,
    ],
  ])('a lie-flat is of another stage of life: %s', (_, child, expected) => {
    const flat = buildStatedMode({ shape: 'lie-flat' })
    const [match] = matchModes(circumstances(child), [{ model: buildModel([flat]), unit: buildUnit() }])
    expect(isForAnotherStage(match!)).toBe(expected)
  })
  test('any shelf in any order: one order, and each neighbour says why', () => {
    const told = fc.record({
      parts: fc.subarray(ORDER.map(([, , worse]) => worse)),
      months: fc.constantFrom(3, 12, 40, Infinity),
    })
    fc.assert(
      fc.property(fc.array(told, { minLength: 2, maxLength: 8 }), fc.infiniteStream(fc.nat()), (shelf, keys) => {
        const all = shelf.map(({ parts, months }, i) => merged(`mode-${i}`, [...parts, { months }]))
        const basis = basisOf(new Map(all))
        const matches = all.map(([m]) => m)
        const ranked = rankModes(matches, basis)
        const shuffled = matches.map((m) => [keys.next().value as number, m] as const).toSorted(([a], [b]) => a - b)
        expect(
          rankModes(
            shuffled.map(([, m]) => m),
            basis,
          ),
        ).toEqual(ranked)
        ranked.slice(1).forEach((lower, i) => expect(whyAbove(ranked[i]!, lower, basis).length).toBeGreaterThan(5))
        // Nowhere never above somewhere; a lie-flat never above what is permitted and stands.
        const nowhere = (m: ModeMatch) => basis.ease?.(m) === undefined
        for (const [i, upper] of ranked.entries())
          for (const lower of ranked.slice(i + 1)) {
            if (upper.decision !== lower.decision) continue
            expect(nowhere(upper) && !nowhere(lower)).toBe(false)
            if (nowhere(upper) === nowhere(lower))
              expect(isForAnotherStage(upper) && !isForAnotherStage(lower)).toBe(false)
          }
      }),
      { seed: 47, numRuns: 100 },
    )
  })
  test('by name: model, then mode, then unit, whatever stood first', () => {
    const of = (modelId: string, id: string, unitId?: string) =>
      like(id, {
        model: { ...base.model, id: ModelId(modelId) },
        unit: unitId === undefined ? undefined : buildUnit({ id: UnitId(unitId) }),
      })
    const order = [of('a', 'b'), of('a', 'b', 'u1'), of('a', 'b', 'u2'), of('a', 'c', 'u0'), of('b', 'a', 'u0')]
    const basis = { practice: DEFAULT_PRACTICE }
    expect(rankModes([...order].toReversed(), basis)).toEqual(order)
    expect(
      rankModes(
        [2, 0, 4, 1, 3].map((i) => order[i]!),
        basis,
      ),
    ).toEqual(order)
  })
  test('refused modes stand by name, whatever would tell them apart; what is permitted stands above each', () => {
    const refused = (id: string, over: Over = {}) => like(id, { decision: 'fail', standing: 'outgrown', ...over })
    const [a, b] = [refused('a', { isAdvisedAgainst: true, room: 0.01 }), refused('b')]
    const basis = { practice: DEFAULT_PRACTICE }
    expect(rankModes([b, a], basis)).toEqual([a, b])
    expect(tellsApart(b, a, basis)).toBeUndefined()
    const open = like('z', { decision: 'undecided', standing: 'undecided' })
    expect(rankModes([b, a, open], basis)).toEqual([open, a, b])
    expect(tellsApart(open, a, basis)).toBe('decision')
    expect(() => tellsApart(a, open, basis)).toThrow('a does not stand above z')
  })
  test.each<[CriterionId, PracticeProfile, object]>([
    ['harness', { ...DEFAULT_PRACTICE, boosterFrom: 'legal-minimum' }, { heldBy: 'vehicle-belt' }],
    ['direction', { ...DEFAULT_PRACTICE, turningForward: 'legal-minimum' }, { direction: 'forward' }],
  ])('a profile that does not ask for it: %s tells nothing apart', (_, practice, mode) => {
    const [a, b] = [
      like('a', { mode: { direction: 'rearward', ...mode } }),
      like('b', { mode: { direction: 'rearward' } }),
    ]
    expect(tellsApart(a, b, { practice })).toBeUndefined()
  })
  test.each([
    [3, 5.9, undefined],
    [6, 5.9, 'months'],
    [9, 3, 'months'],
    [240, 5000, undefined],
    [240, 236, 'months'],
  ] as const)('of %s months and %s of use the first stands above by %s', (upper, lower, criterion) => {
    const [a, b] = [like('a'), like('b')]
    const monthsLeft = (m: ModeMatch) => (m === a ? upper : lower)
    expect(tellsApart(a, b, { practice: DEFAULT_PRACTICE, monthsLeft })).toBe(criterion)
  })
  test.each([
    [0.1, 0.05, 'margin'],
    [0.149, 0.1, undefined],
    [Infinity, 40, 'margin'],
    [Infinity, Infinity, undefined],
  ] as const)('of a room of %s and %s of the limit the first stands above by %s', (upper, lower, criterion) => {
    const basis = { practice: DEFAULT_PRACTICE }
    expect(tellsApart(like('a', { room: upper }), like('b', { room: lower }), basis)).toBe(criterion)
  })
  test.each([
    [0.05, 0.0499, 'small-margin'],
    [0.9, 0.05, undefined],
    [0.0499, 0.01, undefined],
    [Infinity, -0.01, 'small-margin'],
  ] as const)('of a room to grow of %s and %s of the limit the first stands above by %s', (upper, lower, criterion) => {
    const basis = { practice: DEFAULT_PRACTICE }
    expect(tellsApart(like('a', { roomToGrow: upper }), like('b', { roomToGrow: lower }), basis)).toBe(criterion)
  })
  test('what a mode and its simplest place wait for, each once; advice is not waited for, nor is anything decided', () => {
    const open = (need: string, severity = 'stop') =>
      ({
        rule: { severity },
        outcome: { kind: 'undecided', missing: [need] },
      }) as unknown as RouteEase['findings'][number]
    const findings = [open('position.floor'), open('child.massKg'), open('position.belt', 'advise')]
    const at = (decision: 'pass' | 'undecided') => () => ({ ...certain, decision, findings })
    const waits = like('a', { decision: 'undecided', standing: 'undecided', openNeeds: new Set(['child.massKg']) })
    expect(unknownOf(waits, { practice: DEFAULT_PRACTICE })).toBe(1)
    expect(unknownOf(waits, { practice: DEFAULT_PRACTICE, ease: at('undecided') })).toBe(2)
    expect(unknownOf(waits, { practice: DEFAULT_PRACTICE, ease: at('pass') })).toBe(1)
    expect(unknownOf(like('b'), { practice: DEFAULT_PRACTICE, ease: at('undecided') })).toBe(2)
    expect(unknownOf(like('b'), { practice: DEFAULT_PRACTICE, ease: at('pass') })).toBe(0)
    expect(unknownOf(like('b'), { practice: DEFAULT_PRACTICE })).toBe(0)
  })
  test('months ahead go on through no other model, no other way of holding and no mode that is not open', () => {
    const own = like('own', { mode: { direction: 'rearward', heldBy: 'harness' } })
    const next = (over: Over) =>
      like('next', { ...over, mode: { direction: 'rearward', heldBy: 'harness', ...over.mode } })
    const ahead = (m: ModeMatch) =>
      m === own ? { opensInMonths: 0, leftMonths: 9 } : { opensInMonths: 2, leftMonths: 30 }
    const left = (other: ModeMatch) => monthsAhead(own, [own, other], ahead)
    expect(left(next({}))).toBe(30)
    expect(left(next({ standing: 'soon' }))).toBe(30)
    expect(left(next({ model: buildModel([buildStatedMode()], { id: ModelId('x') }) }))).toBe(9)
    expect(left(next({ mode: { heldBy: 'vehicle-belt' } }))).toBe(9)
    expect(left(next({ standing: 'undecided' }))).toBe(9)
    expect(left(next({ standing: 'not-permitted' }))).toBe(9)
  })
  test('months ahead in a direction go on through another mode of the unit that opens in time', () => {
    const small = like('small', { mode: { direction: 'rearward' } })
    const large = like('large', { standing: 'soon', mode: { direction: 'rearward' } })
    const late = like('late', { standing: 'soon', mode: { direction: 'rearward' } })
    const forward = like('forward', { standing: 'soon', mode: { direction: 'forward' } })
    const gone = like('gone', { standing: 'outgrown', mode: { direction: 'rearward' } })
    const elsewhere = like('large', { unit: buildUnit({ id: UnitId('other') }), mode: { direction: 'rearward' } })
    const ahead = new Map([
      [small, { opensInMonths: 0, leftMonths: 9 }],
      [large, { opensInMonths: 9, leftMonths: 20 }],
      [late, { opensInMonths: 21, leftMonths: 40 }],
      [forward, { opensInMonths: 3, leftMonths: 60 }],
      [gone, { opensInMonths: 0, leftMonths: 70 }],
      [elsewhere, { opensInMonths: 0, leftMonths: 80 }],
    ])
    const all = [...ahead.keys()]
    expect(monthsAhead(small, all, (m) => ahead.get(m))).toBe(20)
    expect(monthsAhead(large, all, (m) => ahead.get(m))).toBe(20)
    // In whatever order they come: the latest opens through the one before it.
    ahead.set(late, { opensInMonths: 20, leftMonths: 40 })
    expect(monthsAhead(small, all, (m) => ahead.get(m))).toBe(40)
    expect(monthsAhead(small, all.toReversed(), (m) => ahead.get(m))).toBe(40)
    expect(monthsAhead(like('unknown'), all, (m) => ahead.get(m))).toBeUndefined()
  })
})

test('the simplest route of a car: what holds before what is open, the fewest parts first', () => {
  const mode = buildStatedMode({ routes: [BELT_ROUTE, ...buildStatedMode().routes] })
  const item = { model: buildModel([mode]), unit: buildUnit(), mode }
  const at = (...positions: Parameters<typeof buildPosition>[0][]) =>
    easiestRoute(circumstances(), buildVehicle(positions.map(buildPosition)), item)
  expect(at({})).toMatchObject({ points: 2, text: 'ISOFIX, leg; rear left', decision: 'pass' })
  expect(at({ isofix: { bars: 'none' } })).toMatchObject({ points: 3, text: 'belt; rear left', decision: 'pass' })
  expect(at({ isofix: { bars: 'none' }, belt: { kind: 'none' } })).toBeUndefined()
  expect(at({ row: 1, label: 'Front', frontAirbag: 'none' }, {})).toMatchObject({ text: 'ISOFIX, leg; rear left' })
  expect(at({ isofix: undefined })).toMatchObject({ points: 3, decision: 'pass' })
})

test('each part of a route has its weight, and its word', () => {
  const [leg] = buildStatedMode().routes
  const belted = BELT_ROUTE
  const route = (over: object) => ({ ...leg!, ...over, id: 'r' }) as typeof BELT_ROUTE
  const easeOf = (one: typeof BELT_ROUTE, ...positions: Parameters<typeof buildPosition>[0][]) => {
    const mode = buildStatedMode({ routes: [one] })
    const [way] = waysIn(circumstances(), buildVehicle((positions.length > 0 ? positions : [{}]).map(buildPosition)), {
      model: buildModel([mode]),
      unit: buildUnit(),
      mode,
    })
    return way && [way.points, way.text]
  }
  const lock = (kind: string) => ({ ...belted, belt: { ...belted.belt, lock: { kind } } }) as typeof BELT_ROUTE
  expect(easeOf(leg!)).toEqual([2, 'ISOFIX, leg; rear left'])
  expect(easeOf(TETHER_ROUTE)).toEqual([2, 'ISOFIX, top tether; rear left'])
  expect(easeOf({ ...TETHER_ROUTE, topTether: { ...TETHER_ROUTE.topTether!, use: 'optional' } })?.[0]).toBe(1)
  expect(easeOf(lock('free'))).toEqual([1, 'belt; rear left'])
  expect(easeOf(lock('locking-clip'))).toEqual([4, 'belt, locking clip; rear left'])
  expect(easeOf(route({ lowerTethers: { use: 'required', anchorage: 'seat-rails' } }))?.[1]).toBe(
    'ISOFIX, leg, lower tethers; rear left',
  )
  const middle = { id: 'middle', label: 'Middle', side: 'centre', lateralCentreMm: 0 } as const
  expect(easeOf(route({ seatsTaken: 2 }), {}, middle)).toEqual([3, 'ISOFIX, leg, two places; rear left'])
  expect(easeOf(belted, { row: 1, label: 'Front', frontAirbag: 'none' })).toEqual([4, 'belt; front'])
})

test('the standing tells what time will mend from what it has taken', () => {
  const standing = (child: object) =>
    Object.fromEntries(matchModes(circumstances(child), stock).map((m) => [m.mode.id, m.standing]))
  expect(standing({})).toEqual({ tight: 'permitted', roomy: 'permitted', forward: 'permitted', booster: 'soon' })
  expect(standing({ massKg: measured(12) }).tight).toBe('outgrown')
  expect(standing({ needsPostureSpecialist: true }).roomy).toBe('undecided')
  const advice = { by: 'M. Lorne', role: 'nurse', on: IsoDate('2026-11-20'), outcome: 'lie-flat-only' as const }
  expect(standing({ needsPostureSpecialist: true, advice }).roomy).toBe('not-permitted')
  expect(standing({ massKg: undefined }).tight).toBe('undecided')
  const expired = [{ model: buildModel([tight]), unit: buildUnit({ lifeEndsOn: IsoDate('2026-11-24') }) }]
  expect(matchModes(circumstances(), expired)[0]!.standing).toBe('not-permitted')
})

test('the glance that sorts a shelf says what the whole evaluation says', () => {
  const kg = fc.double({ min: 3, max: 40, noNaN: true })
  const cm = fc.double({ min: 45, max: 155, noNaN: true })
  fc.assert(
    fc.property(
      fc.constantFrom(...Object.values(CONFIGURATIONS)),
      fc.option(kg, { nil: undefined }),
      fc.option(cm, { nil: undefined }),
      (c, mass, stature) => {
        const child = { ...c.child, massKg: mass && measured(mass, 0.2), statureCm: stature && measured(stature, 0.7) }
        const subject = fittedSubject({ ...c, child } as typeof c)!
        for (const scope of ['mode', 'route', 'place', 'fitted'] as const) {
          expect(glance(scope, subject).decision).toBe(decide(evaluate(scope, subject)))
        }
      },
    ),
    { seed: 17, numRuns: 300 },
  )
})

test('adding knowledge never turns a no into an undecided', () => {
  const modes = [tight, forward, roomy, booster]
  fc.assert(
    fc.property(
      fc.double({ min: 4, max: 36, noNaN: true }),
      fc.double({ min: 50, max: 150, noNaN: true }),
      fc.integer({ min: 220, max: 480 }),
      fc.subarray(['massKg', 'statureCm', 'seatedShoulderHeightMm', 'dateOfBirth', 'needsPostureSpecialist'] as const),
      fc.subarray(['massKg', 'statureCm', 'seatedShoulderHeightMm', 'dateOfBirth', 'needsPostureSpecialist'] as const),
      (kg, cm, shoulder, known, added) => {
        const facts = {
          massKg: measured(kg, 0.3),
          statureCm: measured(cm, 1),
          seatedShoulderHeightMm: measured(shoulder, 6),
          dateOfBirth: IsoDate('2025-07-10'),
          needsPostureSpecialist: false,
        }
        const childKnowing = (fields: readonly (keyof typeof facts)[]) =>
          Object.fromEntries(
            Object.keys(facts).map((f) => [
              f,
              fields.includes(f as keyof typeof facts) ? facts[f as keyof typeof facts] : undefined,
            ]),
          )
        const less = matchModes(circumstances(childKnowing(known)), stock)
        const more = matchModes(circumstances(childKnowing([...known, ...added])), stock)
        for (const mode of modes) {
          const before = less.find((m) => m.mode === mode)!
          if (before.decision === 'fail') expect(more.find((m) => m.mode === mode)!.decision).toBe('fail')
        }
      },
    ),
    { seed: 31, numRuns: 400 },
  )
})

test('a case is asked as its parts are: mode, route and place together', () => {
  const subject = fittedSubject(buildCase())!
  const all = (['mode', 'route', 'place'] as const).map((scope) => glance(scope, subject).decision)
  expect(every(all)).toBe('pass')
})
