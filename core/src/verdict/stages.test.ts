import { BOOSTER, buildCase, buildRoute, withEverythingGood } from '../../test/build.ts'
import { IsoDate, Sequence } from '../ground/index.ts'
import { assess, measured, openStage, STAGES, type Assessment, type Case } from '../index.ts'
import { judgeCase } from './assess.ts'

const ready = withEverythingGood(buildCase())
const signed = (over: object = {}) => ({ fitterName: 'Jory', carerName: 'Maren', signedAt: '2026-11-25T10:00:00Z', ...over }) // prettier-ignore
const at = Sequence(9)
const without = <K extends keyof Case>(c: Case, key: K): Case => ({ ...c, [key]: undefined })
const read = (c: Case, id: string, reading: unknown): Case => ({ ...c, readings: { ...c.readings, [id]: reading } as never }) // prettier-ignore

/** One sign a stage, in their order: pass ●, fail ✕, undecided ○, not started ·. */
const SIGN = { pass: '●', fail: '✕', undecided: '○', 'not-started': '·' } as const
const shown = ({ stages }: Pick<Assessment, 'stages'>): string => STAGES.map((s) => SIGN[stages[s]]).join('')

const BARE: Case = { ...buildCase(), vehicle: undefined, restraints: [], units: [], choice: { at: Sequence(0) } }
const UNMEASURED = { ...BARE, child: { id: 'kit', name: 'Kit' } } as Case
const UNPLACED: Case = { ...buildCase(), choice: { ...buildCase().choice, positionId: undefined, routeId: undefined } }
const UNROUTED: Case = { ...buildCase(), choice: { ...buildCase().choice, routeId: undefined } }
const HEAVY: Case = { ...ready, child: { ...ready.child, massKg: measured(20) } }
const NO_SETTING = buildCase({
  mode: BOOSTER,
  child: { statureCm: measured(112, 0.5), massKg: measured(20, 0.1), dateOfBirth: IsoDate('2020-07-10') },
  position: { headRestraint: 'none' },
})

test.each<[string, Case, string]>([
  ['nothing known', UNMEASURED, '·······'],
  ['measured, nothing chosen', BARE, '●······'],
  ['a mass is enough to have begun', { ...BARE, child: { ...BARE.child, statureCm: undefined } }, '●······'],
  ['a stature is enough to have begun', { ...BARE, child: { ...BARE.child, massKg: undefined } }, '●······'],
  ['a mode, no place', UNPLACED, '●●·····'],
  ['a place, no route', UNROUTED, '●●·····'],
  ['all chosen, nothing set', buildCase(), '●●●····'],
  ['all chosen, and nothing to set', NO_SETTING, '●●●●···'],
  ['a setting of three', buildCase({ settings: { recline: { value: 'r1', at } } }), '●●●○···'],
  ['all good', ready, '●●●●●●○'],
  ['one look at the car', read(buildCase(), 'label-serial', { option: 'match', at }), '●●●·○··'],
  ['one look at the child', read(buildCase(), 'coat', { option: 'indoor', at }), '●●●··○·'],
  ['an indicator open', read(ready, 'latch-left', { option: 'open', at }), '●●●●✕●·'],
  ['a buckle loose', read(ready, 'harness-buckle', { option: 'open', at }), '●●●●●✕·'],
  ['too heavy', HEAVY, '●✕●●●●·'],
  ['the mass not known once all was looked at', { ...ready, child: { ...ready.child, massKg: undefined } }, '○○●●●●·'],
  ['handed over', { ...ready, handover: signed() }, '●●●●●●●'],
  ['left against advice', { ...HEAVY, handover: signed({ againstAdvice: { reason: 'late', said: 'no' } }) }, '●✕●●●●✕'],
])('%s', (_, c, signs) => {
  expect(shown(assess(c))).toBe(signs)
  expect(judgeCase(c).stages).toEqual(assess(c).stages)
})

test('the work stands at the first stage that has not passed; where all have, at the hand-over', () => {
  expect(openStage(assess(BARE))).toBe('choose')
  expect(openStage(assess(read(ready, 'latch-left', { option: 'open', at })))).toBe('attach')
  expect(openStage(assess(ready))).toBe('hand-over')
  expect(openStage(assess({ ...ready, handover: signed() }))).toBe('hand-over')
})

describe('what the verdict rests on, and what comes next', () => {
  test.each<[string, Case, Partial<Assessment>]>([
    ['no car: a mode and a car are asked for', BARE, { verdict: 'undecided', headline: 'Next: choose a restraint mode.', decidedBy: null }],
    ['no place: the place is asked for', UNPLACED, { verdict: 'undecided', headline: 'Next: choose a place and a route.' }],
    ['the worst stands first, and decides', HEAVY, { verdict: 'not-permitted', headline: '20 kg is 2 kg over the maker’s mass limit, up to 18 kg.', decidedBy: { ruleId: 'R129-mass-max', source: 'maker' } }],
    ['not permitted comes before not ready', read(HEAVY, 'latch-left', { option: 'open', at }), { verdict: 'not-permitted' }],
    ['a failure decides though choices are open', { ...without(HEAVY, 'vehicle'), choice: { ...HEAVY.choice, positionId: undefined, routeId: undefined } }, { verdict: 'not-permitted' }],
    ['ready', ready, { verdict: 'ready', headline: 'Every check that this fitting asks for has passed.' }],
  ])('%s', (_, c, expected) => {
    expect(assess(c)).toMatchObject(expected)
    const { refusals, verdict, headline, decidedBy, stages } = judgeCase(c)
    expect(assess(c)).toMatchObject({ verdict, headline, decidedBy, stages })
    expect(refusals.map((f) => f.ruleId)).toEqual(assess(c).findings.filter((f) => f.kind === 'fail').map((f) => f.ruleId)) // prettier-ignore
  }) // prettier-ignore

  const asked = (c: Case) => assess(c).measureNext.map((n) => n.need)
  test('what is open of the choices is asked first: a mode, then the car or its place', () => {
    expect(asked(BARE).slice(0, 2)).toEqual(['mode', 'vehicle'])
    expect(asked({ ...BARE, vehicle: ready.vehicle }).slice(0, 2)).toEqual(['mode', 'place'])
    expect(asked(UNROUTED)).toContain('place')
    expect(asked(buildCase())).not.toContain('place')
  })
  test('advice against stands beside ready; so do notes that no longer hold and are not asked for', () => {
    const c = buildCase({ route: buildRoute({ frontSeat: 'either' }), practice: { frontSeatGap: 'clear-gap-always' } })
    const advised = read(withEverythingGood(c), 'front-seat', { option: 'touching', at: Sequence(3) })
    expect(assess(advised).headline).toMatch(
      /^Every check that this fitting asks for has passed; advised against: .+\.$/,
    )
    const old = (...ids: readonly string[]) =>
      ids.reduce((x, id) => read(x, id, { option: 'locked', at: Sequence(0) }), ready)
    const stale = assess(old('belt-locked'))
    expect([stale.verdict, stale.headline, stale.stale]).toEqual(['ready', 'Every check that this fitting asks for has passed; one older note that it does not ask for no longer holds.', []]) // prettier-ignore
    expect(assess(old('belt-locked', 'turn-lock')).headline).toBe('Every check that this fitting asks for has passed; 2 older notes that it does not ask for no longer hold.') // prettier-ignore
  })
  test('while no route is chosen, only what it asks of the child is asked', () => {
    const c: Case = { ...UNROUTED, child: { ...UNROUTED.child, massKg: undefined } }
    expect(asked(c)).toContain('child.massKg')
    expect(asked(c).filter((n) => n.startsWith('route.'))).toEqual([])
  })
})
