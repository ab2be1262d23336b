import { CHECKS, type Assessment, type CheckId, type Finding, type Step } from '@nimble-anchor/core'
import type { MarkState } from '../../ui/StateMark.tsx'

/** The worst of a step's checks; one without any is done when it is noted so. */
export function stepMark(
  step: Step,
  marks: ReadonlyMap<CheckId, MarkState>,
  done: ReadonlyMap<string, number>,
): MarkState | undefined {
  if (step.checks.length === 0) return done.has(step.id) ? 'pass' : undefined
  const own = step.checks.map((id) => marks.get(id) ?? 'not-started')
  return (['fail', 'stale', 'undecided', 'not-started', 'pass'] as const).find((m) => own.includes(m))
}

/** Of several checks under one rule, a failure names the one that failed first in its sentence. */
const speaksOf = (f: Finding, id: CheckId): boolean =>
  f.checks?.includes(id) === true && (f.checks.length === 1 || f.reason.startsWith(CHECKS[id].label))

export const findingFor = (assessment: Assessment, id: CheckId): Finding | undefined =>
  assessment.findings.find((f) => f.kind === 'fail' && speaksOf(f, id))
