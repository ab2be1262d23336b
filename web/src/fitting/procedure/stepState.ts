import type { CheckId } from '@nimble-anchor/core/checks'
import type { Step } from '@nimble-anchor/core/procedure'
import type { Finding } from '@nimble-anchor/core/rules'
import type { Assessment } from '@nimble-anchor/core/verdict'
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

/** Of several checks under one rule, the finding says which of them decided. */
const speaksOf = (f: Finding, id: CheckId): boolean =>
  f.check === id || (f.check === undefined && f.checks?.length === 1 && f.checks[0] === id)

export const findingFor = (assessment: Assessment, id: CheckId): Finding | undefined =>
  assessment.findings.find((f) => f.kind === 'fail' && speaksOf(f, id))
