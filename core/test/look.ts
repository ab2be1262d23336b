import { Sequence } from '../src/ground/index.ts'
import {
  checkOf,
  checksByRule,
  DISTURBANCE_IDS,
  fittedSubject,
  measured,
  severityOf,
  type Case,
  type CheckId,
  type Decision,
  type Reading,
  type RuleSource,
} from '../src/index.ts'
import { ask, judged, ruleById } from './build.ts'

type Severity = 'stop' | 'fix' | 'advise'

/** Settings as somebody might change them; each value is one that no rule minds by itself. */
const CHANGED = {
  recline: 'r1',
  legNotch: 5,
  wedge: false,
  vehicleHeadRestraint: 'on',
  frontSeatGapMm: 20,
  slideMm: 0,
  insertsIn: [],
  strapHeightMm: 305,
} as const
type Outdates = keyof typeof CHANGED | (typeof DISTURBANCE_IDS)[number]

/** What the test of one rule that looks at one check says of it, whole. */
interface LookTable {
  readonly rule: string
  readonly check: CheckId
  /** A fitting in which the rule asks for it, with whatever else the rule reads seen good. */
  readonly on: Case
  readonly stage: 'attach' | 'child-in'
  readonly severity: Severity
  readonly source: RuleSource
  /** Every option of the check, and what the rule makes of it. */
  readonly gives: Readonly<Record<string, Decision>>
  /** Everything after which it must be looked at again; a new choice is always one. */
  readonly outdatedBy: readonly Outdates[]
  /** Options that another check of the rule goes on from. */
  readonly goesOn?: readonly string[]
  /** The first of several checks, where a pass of the rule speaks of that one. */
  readonly passSpeaksOf?: CheckId
  /** Fittings that the rule has nothing to say of. */
  readonly notAsked: Readonly<Record<string, Case>>
}

const seen = (c: Case, check: CheckId, reading: Reading | undefined): Case => {
  const { [check]: _old, ...others } = c.readings
  return { ...c, readings: reading === undefined ? others : { ...others, [check]: reading } }
}
const changed = (c: Case, change: Outdates, at: number): Case =>
  change in CHANGED
    ? { ...c, settings: { ...c.settings, [change]: { value: CHANGED[change as keyof typeof CHANGED], at } } as Case['settings'] }
    : { ...c, disturbances: { ...c.disturbances, [change]: { at } } } // prettier-ignore

/** What a rule reads is named with what it says. */
const namesItsCheck = (t: { readonly rule: string; readonly check: CheckId; readonly on: Case }): void =>
  test('it names the check as one that it reads', () => {
    const read = checksByRule(fittedSubject(seen(t.on, t.check, undefined))!).get(t.rule)
    expect(read).toContain(t.check)
    expect(new Set(read).size).toBe(read?.length)
  })

/** The whole outcome of every option, of nothing seen, and of what was seen before each change that there is. */
export function looks(t: LookTable): void {
  const need = `check.${t.check}`
  const whole = (c: Case): object => {
    const outcome = ask(t.rule, c)
    const rule = ruleById(t.rule)
    return {
      kind: outcome.kind,
      check: outcome.check,
      severity: severityOf({ rule, outcome }),
      source: outcome.source ?? rule.source,
      stage: rule.stage,
      missing: outcome.kind === 'undecided' ? outcome.missing : [],
    }
  }
  const expected = (kind: Decision): object => ({
    kind,
    check: kind === 'pass' ? (t.passSpeaksOf ?? t.check) : t.check,
    severity: t.severity,
    source: t.source,
    stage: t.stage,
    missing: kind === 'undecided' ? [need] : [],
  })
  describe(`${t.rule} by ${t.check}`, () => {
    namesItsCheck(t)
    test('every option is known here', () => {
      const check = checkOf(t.check)
      expect(check.kind === 'options' ? check.options.map((o) => o.id) : []).toEqual(
        expect.arrayContaining([...Object.keys(t.gives), ...(t.goesOn ?? [])]),
      )
      expect(check.kind === 'options' && check.options.length).toBe(
        Object.keys(t.gives).length + (t.goesOn?.length ?? 0),
      )
    })
    test.each(Object.entries(t.gives))('seen “%s”: %s', (option, kind) => {
      expect(whole(seen(t.on, t.check, { option, at: Sequence(9) }))).toEqual(expected(kind))
    })
    test('not looked at, it is open', () => {
      expect(whole(seen(t.on, t.check, undefined))).toEqual(expected('undecided'))
    })
    const good = Object.entries(t.gives).find(([, kind]) => kind === 'pass')?.[0] ?? ''
    const looked = seen(t.on, t.check, { option: good, at: Sequence(9) })
    test.each([...DISTURBANCE_IDS, ...(Object.keys(CHANGED) as Outdates[])])('seen good, then %s', (change) => {
      const after = t.outdatedBy.includes(change) ? 'undecided' : 'pass'
      expect(whole(changed(looked, change, 10))).toEqual(expected(after))
      // What came before the look outdates nothing.
      expect(whole(changed(looked, change, 8))).toEqual(expected('pass'))
    })
    test('seen good, then another choice', () => {
      expect(whole({ ...looked, choice: { ...looked.choice, at: Sequence(10) } })).toEqual(expected('undecided'))
    })
  })
  const others = Object.entries(t.notAsked)
  if (others.length > 0)
    test.each(others)(`${t.rule}: nothing to say of %s`, (_, c) => {
      expect(judged(t.rule, c)).toEqual({ kind: 'not-applicable' })
    })
}

/** What the test of one rule that reads one figure says of it, whole. */
interface FigureTable {
  readonly rule: string
  readonly check: CheckId
  readonly on: Case
  readonly stage: 'attach' | 'child-in'
  readonly severity: Severity
  readonly source: RuleSource
  /** Measured value, ± of it, what the rule makes of it, by which limit and how that is worded, and the room to it. */
  readonly gives: readonly (readonly [
    value: number,
    plusMinus: number,
    kind: Decision,
    wording: 'at-least' | 'at-most',
    limit: number,
    margin: number,
  ])[]
  readonly outdatedBy: readonly Outdates[]
  readonly notAsked: Readonly<Record<string, Case>>
}

/** The whole outcome on both sides of each limit, of nothing measured, and of what was measured before a change. */
export function figures(t: FigureTable): void {
  const whole = (c: Case): object => {
    const outcome = ask(t.rule, c)
    const rule = ruleById(t.rule)
    const { kind, check, measured, limit, wording, margin } = outcome
    const severity = severityOf({ rule, outcome })
    const missing = outcome.kind === 'undecided' ? outcome.missing : []
    return { kind, check, measured, limit, wording, margin, severity, source: outcome.source ?? rule.source, stage: rule.stage, missing } // prettier-ignore
  }
  const common = { check: t.check, severity: t.severity, source: t.source, stage: t.stage }
  const measuredAt = (value: number, plusMinus: number, at: number): Case =>
    seen(t.on, t.check, { number: measured(value, plusMinus), at: Sequence(at) })
  describe(`${t.rule} by ${t.check}`, () => {
    namesItsCheck(t)
    test.each(t.gives)('%s ± %s: %s, %s %s', (value, plusMinus, kind, wording, limit, margin) => {
      const missing = kind === 'undecided' ? [`check.${t.check}`] : []
      const outcome = whole(measuredAt(value, plusMinus, 9)) as { readonly measured: object; readonly margin: number }
      expect(outcome).toEqual({ ...common, kind, wording, limit, missing, measured: { lo: value - plusMinus, hi: value + plusMinus }, margin: expect.closeTo(margin, 6) }) // prettier-ignore
    })
    const open = { ...common, kind: 'undecided', missing: [`check.${t.check}`] }
    test('not measured, it is open', () => {
      expect(whole(seen(t.on, t.check, undefined))).toMatchObject(open)
    })
    const [value, plusMinus] = t.gives.find(([, , kind]) => kind === 'pass') ?? [0, 0]
    test.each([...DISTURBANCE_IDS, ...(Object.keys(CHANGED) as Outdates[])])('measured good, then %s', (change) => {
      const after = t.outdatedBy.includes(change) ? open : { ...common, kind: 'pass', missing: [] }
      expect(whole(changed(measuredAt(value, plusMinus, 9), change, 10))).toMatchObject(after)
      expect(whole(changed(measuredAt(value, plusMinus, 9), change, 8))).toMatchObject({ kind: 'pass' })
    })
  })
  const others = Object.entries(t.notAsked)
  if (others.length > 0)
    test.each(others)(`${t.rule}: nothing to say of %s`, (_, c) => {
      expect(judged(t.rule, c)).toEqual({ kind: 'not-applicable' })
    })
}
