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
  rankModes,
  whyAbove,
  type ModeMatch,
  type RankBasis,
} from '../index.ts'
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
  { model: buildModel([booster], { id: 'reef' }), unit: buildUnit({ id: 'unit-2', modelId: 'reef' }) },
]
const names = (ms: readonly ModeMatch[]) => ms.map((m) => m.mode.id)

test('by profile first, then by room: and each place in the order says why', () => {
  const c = circumstances()
  const ranked = matchModes(c, stock)
  expect(names(ranked)).toEqual(['roomy', 'tight', 'forward', 'booster'])
  const basis = { practice: c.practice }
  const why = (i: number) => whyAbove(ranked[i]!, ranked[i + 1]!, basis)
  expect(why(0)).toContain('more room to its nearest limit')
  expect(why(1)).toBe('the other is advised against: a rearward mode still takes this child')
  expect(why(2)).toBe('it is permitted, the other not permitted yet')
})

test('the school of the legal minimum lets room decide between the directions', () => {
  const c = circumstances({}, { turningForward: 'legal-minimum' })
  const ranked = matchModes(c, stock)
  expect(names(ranked).indexOf('forward')).toBeLessThan(names(ranked).indexOf('tight'))
})

test('with equal room the months of use decide, then the simpler route, then the name', () => {
  const twins = [{ model: buildModel([buildStatedMode({ id: 'a' }), buildStatedMode({ id: 'b' })]), unit: buildUnit() }]
  const matches = matchModes(circumstances(), twins)
  const byId = (values: Record<string, number>) => (m: ModeMatch) => values[m.mode.id]
  const practice = DEFAULT_PRACTICE
  expect(names(rankModes(matches, { practice }))).toEqual(['a', 'b'])
  const months: RankBasis = { practice, monthsLeft: byId({ a: 9.9, b: 14.6 }) }
  const longer = rankModes(matches, months)
  expect(names(longer)).toEqual(['b', 'a'])
  expect(whyAbove(longer[0]!, longer[1]!, months)).toContain('14 months against 9')
  const ease: RankBasis = {
    practice,
    monthsLeft: byId({ a: 9, b: 10 }),
    ease: (m) => (m.mode.id === 'b' ? { points: 2, text: 'ISOFIX, leg; rear left', decision: 'pass' } : undefined),
  }
  const simpler = rankModes(matches, ease)
  expect(names(simpler)).toEqual(['b', 'a'])
  expect(whyAbove(simpler[0]!, simpler[1]!, ease)).toBe('the other fits nowhere in this car')
  expect(whyAbove(matches[0]!, matches[1]!, { practice })).toBe('nothing tells them apart; by name')
  expect(() => whyAbove(simpler[1]!, simpler[0]!, ease)).toThrow('does not stand above')
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

test('the standing tells what time will mend from what it has taken', () => {
  const standing = (child: object) =>
    Object.fromEntries(matchModes(circumstances(child), stock).map((m) => [m.mode.id, m.standing]))
  expect(standing({})).toEqual({ tight: 'permitted', roomy: 'permitted', forward: 'permitted', booster: 'soon' })
  expect(standing({ massKg: measured(12) }).tight).toBe('outgrown')
  expect(standing({ needsPostureSpecialist: true }).roomy).toBe('undecided')
  const advice = { by: 'M. Lorne', role: 'nurse', on: '2026-11-20', outcome: 'lie-flat-only' as const }
  expect(standing({ needsPostureSpecialist: true, advice }).roomy).toBe('not-permitted')
  expect(standing({ massKg: undefined }).tight).toBe('undecided')
  const expired = [{ model: buildModel([tight]), unit: buildUnit({ lifeEndsOn: '2026-11-24' }) }]
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
          dateOfBirth: '2025-07-10',
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
