import type { Decision } from '../quantities/index.ts'
import { outcomeOf, type Need, type Outcome, type RuleSource } from './rule.ts'
import type { Said } from './say.ts'

/** How a rule judges one fact or option: a decision and what it says. */
export interface Judged {
  readonly kind: Decision
  readonly says: Said
  /** Who decides, where that is not who decides the rule otherwise. */
  readonly source?: RuleSource
}

/** A yes, a no, or an unlooked-at fact of the place; of that last a message of the rule's own speaks (`notKnown`). */
export function factOutcome<T>(
  fact: T | undefined,
  need: Need,
  judge: (fact: T) => Judged,
  notKnown = 'not-known',
): Outcome {
  if (fact === undefined) return { kind: 'undecided', missing: [need], says: { message: notKnown, data: undefined } }
  const { kind, ...more } = judge(fact)
  return outcomeOf(kind, [need], more)
}
