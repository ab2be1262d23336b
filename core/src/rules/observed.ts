import type { CheckId } from '../checks/index.ts'
import type { Judged } from './facts.ts'
import { lookOutcome } from './looks.ts'
import { defineRule, type FittedSubject, type Rule, type RuleSource, type RuleStage, type Severity } from './rule.ts'
import { allOf } from './several.ts'

interface ObservedRule {
  readonly id: string
  readonly stage: RuleStage
  readonly severity?: Severity
  readonly source: RuleSource
  readonly checks: readonly CheckId[]
  readonly applies: (s: FittedSubject) => boolean
  /** Judges the options that leave it to the rule. */
  readonly byRule?: (s: FittedSubject, option: string) => Judged
}

/** A rule that is nothing but: these checks must all be seen good. */
export function observedRule({ byRule, ...o }: ObservedRule): Rule<'fitted'> {
  return defineRule({
    ...o,
    scope: 'fitted',
    severity: o.severity ?? 'fix',
    evaluate: (s) => allOf(o.checks.map((id) => lookOutcome(s, id, byRule && ((option) => byRule(s, option))))),
  })
}
