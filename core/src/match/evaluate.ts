import { DECISION_RANK, every, type Decision } from '../quantities/index.ts'
import type { CheckId } from '../readings/index.ts'
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
} from '../rules/index.ts'

const BY_SCOPE = {
  mode: RULES.filter((r) => r.scope === 'mode') as unknown as readonly Rule<'mode'>[],
  route: RULES.filter((r) => r.scope === 'route') as unknown as readonly Rule<'route'>[],
  place: RULES.filter((r) => r.scope === 'place') as unknown as readonly Rule<'place'>[],
  fitted: RULES.filter((r) => r.scope === 'fitted') as unknown as readonly Rule<'fitted'>[],
} as const

/** Rules that can block: advice may not become more than advice (`match.test.ts` holds it to that). */
const BLOCKING = {
  mode: BY_SCOPE.mode.filter((r) => r.severity !== 'advise'),
  route: BY_SCOPE.route.filter((r) => r.severity !== 'advise'),
  place: BY_SCOPE.place.filter((r) => r.severity !== 'advise'),
  fitted: BY_SCOPE.fitted.filter((r) => r.severity !== 'advise'),
} as const

const ADVICE = {
  mode: BY_SCOPE.mode.filter((r) => r.severity === 'advise'),
  route: BY_SCOPE.route.filter((r) => r.severity === 'advise'),
  place: BY_SCOPE.place.filter((r) => r.severity === 'advise'),
  fitted: BY_SCOPE.fitted.filter((r) => r.severity === 'advise'),
} as const

export function rulesOf<S extends Scope>(scope: S): readonly Rule<S>[] {
  return BY_SCOPE[scope] as unknown as readonly Rule<S>[]
}

/** Asks every rule of one scope that applies. */
export function evaluate<S extends Scope>(scope: S, subject: ScopeSubject[S]): RawFinding[] {
  const findings: RawFinding[] = []
  for (const rule of rulesOf(scope)) {
    if (rule.applies(subject)) findings.push({ rule: rule as unknown as Rule, outcome: rule.evaluate(subject) })
  }
  return findings
}

/** The checks that each rule which applies reads in a fitting. */
export function checksByRule(subject: FittedSubject): ReadonlyMap<string, readonly CheckId[]> {
  const byRule = new Map<string, readonly CheckId[]>()
  for (const rule of rulesOf('fitted')) {
    if (rule.checks === undefined || !rule.applies(subject)) continue
    byRule.set(rule.id, typeof rule.checks === 'function' ? rule.checks(subject) : rule.checks)
  }
  return byRule
}
/** Every check that some rule asks for in a fitting. */
export const askedChecks = (subject: FittedSubject): ReadonlySet<CheckId> =>
  new Set([...checksByRule(subject).values()].flat())

/** What the findings allow together; advice never blocks. */
export function decide(findings: readonly RawFinding[]): Decision {
  return every(findings.filter((f) => severityOf(f) !== 'advise').map((f) => f.outcome.kind))
}

/** Room left relative to the limit, so that 0.4 kg of 18 and 2 cm of 105 can be compared. */
export const relativeMargin = ({ margin, limit }: Outcome): number =>
  margin === undefined || !limit ? Infinity : margin / limit

export interface Glance {
  readonly decision: Decision
  /** Least room to any limit, as a share of that limit; `Infinity` where nothing limits. */
  readonly room: number
}

const REFUSED: Glance = { decision: 'fail', room: -Infinity }

/**
 * What `decide(evaluate(…))` says, stopped at the first refusal and without
 * keeping the findings: most of a shelf is not for this child, and nobody asks why.
 */
export function glance<S extends Scope>(scope: S, subject: ScopeSubject[S]): Glance {
  let decision: Decision = 'pass'
  let room = Infinity
  for (const rule of BLOCKING[scope] as unknown as readonly Rule<S>[]) {
    if (!rule.applies(subject)) continue
    const outcome = rule.evaluate(subject)
    if (outcome.severity !== 'advise' && outcome.kind !== 'pass') {
      if (outcome.kind === 'fail') return REFUSED
      decision = 'undecided'
    }
    room = Math.min(room, relativeMargin(outcome))
  }
  return { decision, room }
}

/** Advice of makers and schools; that a law no longer asks for a restraint is none against it. */
export const advisesAgainst = (f: RawFinding): boolean =>
  severityOf(f) === 'advise' && f.outcome.kind === 'fail' && (f.outcome.source ?? f.rule.source) !== 'regulation'

/** Whether makers or schools advise against it. */
export function isAdvisedAgainst<S extends Scope>(scope: S, subject: ScopeSubject[S]): boolean {
  return ADVICE[scope].some((rule) => {
    const own = rule as unknown as Rule<S>
    return own.applies(subject) && advisesAgainst({ rule: rule as unknown as Rule, outcome: own.evaluate(subject) })
  })
}

/** A value worked out when first asked for. */
export function lazily<T>(make: () => T): () => T {
  let known: { readonly value: T } | undefined
  return () => (known ??= { value: make() }).value
}

/** Worst first: what stops, what must be put right, what is open, advice, what holds. */
export function worstFirst(a: RawFinding, b: RawFinding): number {
  const rank = (f: RawFinding): number => {
    const isAdvice = severityOf(f) === 'advise' && f.outcome.kind !== 'pass'
    return isAdvice
      ? 15 + DECISION_RANK[f.outcome.kind]
      : DECISION_RANK[f.outcome.kind] * 10 + SEVERITY_RANK[severityOf(f)]
  }
  return rank(a) - rank(b)
}
