import { IsoDate, ModelId, UnitId } from '../../ground/index.ts'
import { reasonOf, remedyOf } from '../speak.ts'
import {
  ask,
  BOOSTER,
  buildCase,
  buildChild,
  buildModel,
  buildStatedMode,
  buildUnit,
  FORWARD,
  kindOf,
  TODAY,
  TURNS,
} from '../../../test/build.ts'
import {
  DEFAULT_LOCAL_RULE,
  DEFAULT_PRACTICE,
  evaluate,
  matchModes,
  measured,
  modeStoodIn,
  planJob,
  severityOf,
  unitFacts,
  type Case,
  type Mode,
  type RestraintUnit,
} from '../../index.ts'

const LIFTED: Partial<Mode> = {}
const both = (unit: Partial<RestraintUnit>, over: Partial<Mode>, other: Partial<Mode> = FORWARD): Case => {
  const c = buildCase({ unit, mode: over })
  return { ...c, restraints: [{ ...c.restraints[0]!, modes: [c.restraints[0]!.modes[0]!, buildStatedMode({ ...other, ...over })] }] }
} // prettier-ignore
/** Nobody has read whether a shell of it turns. */
const unread = (unit: Partial<RestraintUnit>): Case => {
  const c = both(unit, LIFTED)
  const modes = c.restraints[0]!.modes.map((m) => ({ ...m, without: m.without?.filter((p) => p !== 'turns') ?? [] }))
  return { ...c, restraints: [{ ...c.restraints[0]!, modes }] }
}

test.each([
  ['of lifted or re-installed shells the unit’s own', { direction: 'rearward' }, LIFTED, 'pass'],
  ['the other way round', { direction: 'forward' }, LIFTED, 'fail'],
  ['nobody looked', {}, LIFTED, 'undecided'],
  ['a turning shell is set round in the fitting', { direction: 'forward' }, TURNS, 'not-applicable'],
] as const)('unit-direction: %s', (_what, unit, over, kind) => {
  expect(kindOf('unit-direction', both(unit, over))).toBe(kind)
})
test.each([
  [{ direction: 'rearward' }, 'pass'],
  [{ direction: 'forward' }, 'undecided'],
  [{}, 'undecided'],
] as const)('whether it turns not read, it stands as %j: %s', (unit, kind) => {
  expect(kindOf('unit-direction', unread(unit))).toBe(kind)
})
test('one direction only is no question', () => {
  expect(kindOf('unit-direction', buildCase())).toBe('not-applicable')
})
test('it names what is to be found out, and the job that puts it right', () => {
  expect(ask('unit-direction', both({}, LIFTED))).toMatchObject({ missing: ['unit.direction'] })
  expect(ask('unit-direction', unread({ direction: 'forward' }))).toMatchObject({ missing: ['mode.turns'] })
  const wrong = ask('unit-direction', both({ direction: 'forward' }, LIFTED))
  expect(reasonOf(wrong)).toBe('Unit HY-1 stands forward; this mode needs it rearward.')
  expect(remedyOf(wrong)).toContain('Convert it')
  const unnamed = ask('unit-direction', { ...both({}, LIFTED), units: [] })
  expect(reasonOf(unnamed)).toContain('No unit has been chosen')
})

const rearward = buildStatedMode({ statureCm: { from: 61, to: 125 }, massKg: { to: 25 } })
const forward = buildStatedMode({ ...FORWARD, statureCm: { from: 76, to: 125 }, massKg: { to: 25 } })
const booster = buildStatedMode(BOOSTER)

test('the other direction of the same unit is to be converted first, not refused', () => {
  const circumstances = {
    today: TODAY,
    child: buildChild({ massKg: measured(16), statureCm: measured(101), dateOfBirth: IsoDate('2022-11-01') }),
    practice: DEFAULT_PRACTICE,
    localRule: DEFAULT_LOCAL_RULE,
  }
  const standing = (direction: 'rearward' | 'forward') =>
    Object.fromEntries(
      matchModes(circumstances, [
        { model: buildModel([rearward, forward]), unit: buildUnit({ direction, harness: 'in' }) },
      ]).map((m) => [m.mode.id, m.standing]),
    )
  expect(standing('rearward')).toMatchObject({ rearward: 'permitted', forward: 'convert-first' })
  expect(standing('forward')).toMatchObject({ rearward: 'convert-first', forward: 'permitted' })
})
test.each(['rearward', 'forward', undefined] as const)(
  'standing %s: a direction or harness that a conversion gives back still speaks against turning forward and boosters',
  (direction) => {
    const unit = buildUnit({ direction, harness: direction === undefined ? undefined : 'stowed' })
    const c = {
      today: TODAY,
      child: buildChild({ massKg: measured(16), statureCm: measured(103), dateOfBirth: IsoDate('2022-11-01') }),
      practice: DEFAULT_PRACTICE,
      localRule: DEFAULT_LOCAL_RULE,
    }
    const apart = {
      model: buildModel(
        [forward, booster].map((m) => ({ ...m, id: `${m.id}-2`, ...TURNS })),
        { id: ModelId('other') },
      ),
      unit: buildUnit({ id: UnitId('unit-2'), modelId: ModelId('other'), harness: 'stowed' }),
    }
    const found = matchModes(c, [{ model: buildModel([rearward, forward, booster]), unit }, apart])
    const advice = (id: string) => {
      const match = found.find((m) => m.mode.id === id)
      return evaluate('mode', match!.subject)
        .filter((f) => f.outcome.kind === 'fail' && severityOf(f) === 'advise')
        .map((f) => f.rule.id)
    }
    expect(advice('forward-2')).toEqual(['practice-rearward-longer'])
    expect(advice('booster-2')).toContain('practice-harness-longer')
  },
)

test('a conversion begins from the mode that the unit stands in', () => {
  const model = buildModel([rearward, forward, booster])
  const from = (unit: Partial<RestraintUnit>, to: Mode) => modeStoodIn(model, buildUnit(unit), to)?.id
  expect(from({ direction: 'rearward', harness: 'in' }, forward)).toBe('rearward')
  expect(from({ direction: 'forward', harness: 'stowed' }, rearward)).toBe('booster')
  expect(from({ direction: 'forward', harness: 'in' }, booster)).toBe('forward')
  expect(from({}, booster)).toBeUndefined()
})

describe('the job keeps it', () => {
  const after = (from: Mode, to: Mode, answer: string, over: Partial<Mode> = {}) => {
    const set = (m: Mode): Mode => (m.heldBy === 'harness' ? { ...m, ...over } : m)
    const modes = [rearward, forward, booster].map(set)
    const plan = planJob('convert', { model: buildModel(modes), mode: set(from), toMode: set(to) })
    const record = {
      done: plan.steps.map((s) => s.id),
      answers: Object.fromEntries(plan.checks.map((c) => [c.id, answer])),
    }
    const { direction, harness } = unitFacts(buildUnit({ direction: from.direction, harness: 'in' }), plan, record)
    return [direction, harness]
  }
  test.each([
    ['set round', rearward, forward, 'good', LIFTED, ['forward', 'in']],
    ['not checked yet', rearward, forward, 'unsure', LIFTED, ['rearward', 'in']],
    ['found wrong', rearward, forward, 'bad', LIFTED, ['rearward', 'in']],
    ['to a booster, forward and stowed', rearward, booster, 'good', LIFTED, ['forward', 'stowed']],
    ['a turning shell is not asked', rearward, forward, 'good', TURNS, ['rearward', 'in']],
  ] as const)('%s', (_what, from, to, answer, over, [direction, harness]) => {
    expect(after(from, to, answer, over)).toEqual([direction, harness])
  })
  test('what is not turned on its base is not told to turn', () => {
    const steps = (over: Partial<Mode>) =>
      planJob('convert', {
        model: buildModel([
          { ...rearward, ...over },
          { ...forward, ...over },
        ]),
        mode: rearward,
        toMode: forward,
      }).steps.map((s) => s.id)
    expect(steps(TURNS)).toContain('turn')
    expect(steps(LIFTED)).not.toContain('turn')
    expect(steps(LIFTED)).toContain('anew')
  })
})
