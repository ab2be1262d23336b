import type { Decision } from '../quantities/index.ts'
import { outcomeOf, type Need, type Outcome } from './rule.ts'
import type { Said } from './say.ts'

/** How a rule judges one fact or option: a decision and what it says. */
export interface Judged {
  readonly kind: Decision
  readonly says: Said
}

/** A yes, a no, or an unlooked-at fact of the place; of that last a message of the rule's own speaks (`notKnown`). */
export function factOutcome<T>(
  fact: T | undefined,
  need: Need,
  judge: (fact: T) => Judged,
  notKnown = 'not-known',
): Outcome {
  if (fact === undefined) return { kind: 'undecided', missing: [need], says: { message: notKnown, data: undefined } }
  const { kind, says } = judge(fact)
  return outcomeOf(kind, [need], { says })
}
