import { oncePer } from '../ground/index.ts'
import { DECISION_RANK, every, type Decision } from '../quantities/index.ts'
import type { CheckId } from '../checks/index.ts'
import {
  SEVERITY_RANK,
  RULES,
  severityOf,
  type FittedSubject,
  type Outcome,
  type RawFinding,
  type Rule,
  type Scope,
  type ScopeSubject,
  type AnyRule,
  isOfScope,
  judge,
  findingOf,
  type Need,
} from '../rules/index.ts'

type ByScope = { readonly [S in Scope]: readonly Rule<S>[] }
const byScope = (rules: readonly AnyRule[]): ByScope => ({
  mode: rules.filter(isOfScope('mode')),
  route: rules.filter(isOfScope('route')),
  place: rules.filter(isOfScope('place')),
  fitted: rules.filter(isOfScope('fitted')),
})
const ALL = byScope(RULES)
/** Rules that refuse most modes of a shelf and most places of most cars, the readiest first: asked first where nobody asks why. Counted over the demo. */
const REFUSES_MOST: readonly string[] = [
  'R44-mass-range',
  'R129-stature-range',
  'R129-booster-floor',
  'place-driver',
  'place-isofix-bars',
  'place-envelope',
  'place-approval',
  'place-leg-floor',
  'place-tether-anchorage',
  'place-belt-length',
]
const turnOf = ({ id }: AnyRule): number => {
  const place = REFUSES_MOST.indexOf(id)
  return place < 0 ? REFUSES_MOST.length : place
}
/** Rules that can block: advice may not become more than advice (`match.test.ts` holds it to that). */
const BLOCKING = byScope(RULES.filter((r) => r.severity !== 'advise').toSorted((a, b) => turnOf(a) - turnOf(b)))

/** A rule as a glance asks it: all of one shape, so that the engine finds both at once. */
type Asked<S extends Scope> = Pick<Rule<S>, 'applies' | 'unsaid'>
const askedOf = <S extends Scope>(rules: readonly Rule<S>[]): readonly Asked<S>[] =>
  rules.map(({ applies, unsaid }) => ({ applies, unsaid }))
const ASKED: { readonly [S in Scope]: readonly Asked<S>[] } = {
  mode: askedOf(BLOCKING.mode),
  route: askedOf(BLOCKING.route),
  place: askedOf(BLOCKING.place),
  fitted: askedOf(BLOCKING.fitted),
}
const ADVICE = byScope(RULES.filter((r) => r.severity === 'advise'))

export const rulesOf = <S extends Scope>(scope: S): ByScope[S] => ALL[scope]

/** Asks every rule of one scope that applies. */
export function evaluate<S extends Scope>(scope: S, subject: ScopeSubject[S]): RawFinding[] {
  const findings: RawFinding[] = []
  for (const rule of rulesOf(scope)) {
    const finding = findingOf(rule, subject)
    if (finding !== undefined) findings.push(finding)
  }
  return findings
}

/** Asks every rule of a whole fitting, in no order. */
export const evaluateFitted = (subject: FittedSubject): RawFinding[] => [
  ...evaluate('mode', subject),
  ...evaluate('route', subject),
  ...evaluate('place', subject),
  ...evaluate('fitted', subject),
]

/** The checks that each rule which applies reads in a fitting. */
export const checksByRule = oncePer((subject: FittedSubject): ReadonlyMap<string, readonly CheckId[]> => {
  const byRule = new Map<string, readonly CheckId[]>()
  for (const rule of rulesOf('fitted')) {
    if (rule.checks === undefined || !rule.applies(subject)) continue
    byRule.set(rule.id, typeof rule.checks === 'function' ? rule.checks(subject) : rule.checks)
  }
  return byRule
})
/** Every check that some rule asks for in a fitting. */
export const askedChecks = oncePer((subject: FittedSubject): ReadonlySet<CheckId> => {
  const asked = new Set<CheckId>()
  for (const checks of checksByRule(subject).values()) for (const id of checks) asked.add(id)
  return asked
})

/** What the findings allow together; advice never blocks. */
export function decide(findings: readonly RawFinding[]): Decision {
  return every(findings.filter((f) => severityOf(f) !== 'advise').map((f) => f.outcome.kind))
}

/** Room left relative to the limit, so that 0.4 kg of 18 and 2 cm of 105 can be compared. */
export const relativeMargin = ({ margin, limit }: Outcome): number =>
  margin === undefined || !limit ? Infinity : margin / limit

/**
 * Room to the limit that a child grows towards, as a share of it: what is just past a lower end grows away from it.
 * `Infinity` where nothing limits from above.
 */
export function roomToGrow(outcome: Outcome): number {
  const { measured, limit, margin, range } = outcome
  if (measured === undefined || margin === undefined || limit === undefined) return relativeMargin(outcome)
  if (range !== undefined) return range.to ? (range.to - measured.hi) / range.to : Infinity
  const isUpper = Math.abs(limit - measured.hi - margin) <= Math.abs(measured.lo - limit - margin)
  return isUpper ? relativeMargin(outcome) : Infinity
}

export interface Glance {
  readonly decision: Decision
  /** Least room to the limits that rules name, as a share of each; `Infinity` where nothing limits. */
  readonly room: number
  /** The same of the limits that a child grows towards. */
  readonly roomToGrow: number
}

const REFUSED: Glance = { decision: 'fail', room: -Infinity, roomToGrow: -Infinity }

/**
 * What `decide(evaluate(…))` says, stopped at the first refusal and without
 * keeping the findings: most of a shelf is not for this child, and nobody asks why.
 */
export function glance<S extends Scope>(scope: S, subject: ScopeSubject[S]): Glance {
  let decision: Decision = 'pass'
  let room = Infinity
  let above = Infinity
  const rules: readonly Asked<S>[] = ASKED[scope]
  for (const { applies, unsaid } of rules) {
    if (!applies(subject)) continue
    const outcome = unsaid(subject)
    if (outcome.kind !== 'pass' && outcome.severity !== 'advise') {
      if (outcome.kind === 'fail') return REFUSED
      decision = 'undecided'
    }
    room = Math.min(room, relativeMargin(outcome))
    above = Math.min(above, roomToGrow(outcome))
  }
  return { decision, room, roomToGrow: above }
}

/** The decision of a glance, for whoever asks for no room: a shelf asks it of every mode at every place of a car. */
export function decisionAt<S extends Scope>(scope: S, subject: ScopeSubject[S]): Decision {
  let decision: Decision = 'pass'
  const rules: readonly Asked<S>[] = ASKED[scope]
  for (const { applies, unsaid } of rules) {
    if (!applies(subject)) continue
    const outcome = unsaid(subject)
    if (outcome.kind === 'pass' || outcome.severity === 'advise') continue
    if (outcome.kind === 'fail') return 'fail'
    decision = 'undecided'
  }
  return decision
}

/** What the findings that could block wait for, without making them: a shelf is ordered by it. */
export function openNeedsOf<S extends Scope>(scope: S, subject: ScopeSubject[S]): readonly Need[] {
  const open: Need[] = []
  const rules: readonly Asked<S>[] = ASKED[scope]
  for (const { applies, unsaid } of rules) {
    if (!applies(subject)) continue
    const outcome = unsaid(subject)
    if (outcome.kind === 'undecided' && outcome.severity !== 'advise') open.push(...outcome.missing)
  }
  return open
}

/** What a glance says, and what is still to be found out before a pass is one whatever it comes to. */
export interface Survey {
  readonly decision: Decision
  /** Of every rule that could block, those too that a look at the car settles later. */
  readonly missing: readonly Need[]
}

const SURVEY_REFUSED: Survey = { decision: 'fail', missing: [] }

/** A glance that keeps what is missing. */
export function survey<S extends Scope>(scope: S, subject: ScopeSubject[S]): Survey {
  let decision: Decision = 'pass'
  let missing: Need[] | undefined
  for (const rule of BLOCKING[scope]) {
    const outcome = judge(rule, subject)
    if (outcome.kind === 'not-applicable' || outcome.kind === 'pass') continue
    if (outcome.severity !== 'advise') {
      if (outcome.kind === 'fail') return SURVEY_REFUSED
      decision = 'undecided'
    }
    if (outcome.kind === 'undecided') (missing ??= []).push(...outcome.missing)
  }
  return { decision, missing: missing ?? [] }
}

/** Advice of makers and schools; that a law no longer asks for a restraint is none against it. */
const speaksAgainst = (rule: Pick<AnyRule, 'severity' | 'source'>, outcome: Outcome): boolean =>
  outcome.kind === 'fail' &&
  (outcome.severity ?? rule.severity) === 'advise' &&
  (outcome.source ?? rule.source) !== 'regulation'
export const advisesAgainst = (f: RawFinding): boolean => speaksAgainst(f.rule, f.outcome)

/** Whether makers or schools advise against it. */
export function isAdvisedAgainst<S extends Scope>(scope: S, subject: ScopeSubject[S]): boolean {
  const advice: readonly Rule<S>[] = ADVICE[scope]
  return advice.some((rule) => rule.applies(subject) && speaksAgainst(rule, rule.unsaid(subject)))
}

/** A value worked out when first asked for. */
export function lazily<T>(make: () => T): () => T {
  let known: { readonly value: T } | undefined
  return () => (known ??= { value: make() }).value
}

function rankOf(f: RawFinding): number {
  const severity = severityOf(f)
  const decision = DECISION_RANK[f.outcome.kind]
  return severity === 'advise' && f.outcome.kind !== 'pass' ? 15 + decision : decision * 10 + SEVERITY_RANK[severity]
}
/** Worst first: what stops, what must be put right, what is open, advice, what holds. Alike, as they were. */
export function worstFirst(findings: readonly RawFinding[]): readonly RawFinding[] {
  const byRank: RawFinding[][] = []
  for (const f of findings) (byRank[rankOf(f)] ??= []).push(f)
  return byRank.flat()
}
