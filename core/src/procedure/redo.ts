import { type CheckId } from '../checks/index.ts'
import { changeSentence } from '../readings/index.ts'
import { staleIn } from '../match/index.ts'
import type { Case } from '../casefile/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { stepsFor, type Step } from './steps.ts'

/** One step that has to be done again, with only those of its checks that no longer hold. */
export interface Redo {
  readonly step: Step
  readonly checks: readonly CheckId[]
  /** "the recline was changed": each cause once. */
  readonly because: readonly string[]
}

/**
 * The shortest list of what to do again, in the order of work: steps none of
 * whose checks went stale are not in it, and no check is in it twice.
 */
export function redoList(c: Case, subject: FittedSubject): readonly Redo[] {
  const stale = staleIn(c)
  const seen = new Set<CheckId>()
  return stepsFor(subject).flatMap((step): Redo[] => {
    const checks = step.checks.filter((id) => stale.has(id) && !seen.has(id))
    for (const id of checks) seen.add(id)
    if (checks.length === 0) return []
    const causes = checks.flatMap((id) => {
      const change = stale.get(id)
      return change === undefined ? [] : [changeSentence(change, subject.settings, subject.mode)]
    })
    return [{ step, checks, because: [...new Set(causes)] }]
  })
}
