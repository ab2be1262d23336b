import { every, type Decision } from '../quantities/index.ts'
import { RULES, severityOf, type RawFinding, type Rule, type Scope, type ScopeSubject } from '../rules/index.ts'

const BY_SCOPE = {
  mode: RULES.filter((r) => r.scope === 'mode') as unknown as readonly Rule<'mode'>[],
  route: RULES.filter((r) => r.scope === 'route') as unknown as readonly Rule<'route'>[],
  place: RULES.filter((r) => r.scope === 'place') as unknown as readonly Rule<'place'>[],
  fitted: RULES.filter((r) => r.scope === 'fitted') as unknown as readonly Rule<'fitted'>[],
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

/** What the findings allow together; advice never blocks. */
export function decide(findings: readonly RawFinding[]): Decision {
  return every(findings.filter((f) => severityOf(f) !== 'advise').map((f) => f.outcome.kind))
}

const KIND_RANK = { fail: 0, undecided: 1, pass: 2 } as const
const BLOCK_RANK = { stop: 0, fix: 1, advise: 2 } as const

/** Worst first: what stops, what must be put right, what is open, advice, what holds. */
export function worstFirst(a: RawFinding, b: RawFinding): number {
  const rank = (f: RawFinding): number => {
    const isAdvice = severityOf(f) === 'advise' && f.outcome.kind !== 'pass'
    return isAdvice ? 15 + KIND_RANK[f.outcome.kind] : KIND_RANK[f.outcome.kind] * 10 + BLOCK_RANK[severityOf(f)]
  }
  return rank(a) - rank(b)
}
