import type { IsoDate } from '../quantities/index.ts'
import type { RestraintUnit } from '../restraint/index.ts'
import { jobState, type JobKind, type JobPlan, type JobRecord } from './job.ts'

/** What a job says of a unit for good: a crash is a fact from its first step, parts that were counted stay counted. */
export function unitFacts(unit: RestraintUnit, plan: JobPlan, record: JobRecord): RestraintUnit {
  const counted = plan.kind === 'hand-back' ? record.answers['parts-counted'] : undefined
  return {
    ...unit,
    ...(plan.kind === 'after-crash' && { wasInCrash: true }),
    ...(counted === 'good' && { isComplete: true }),
    ...(counted === 'bad' && { isComplete: false }),
    ...(plan.leavesHarness !== undefined &&
      jobState(plan, record).state === 'passed' && { harness: plan.leavesHarness }),
  }
}

export interface OpenJob {
  readonly kind: JobKind
  readonly holdsUnit: boolean
  readonly since: IsoDate
}

/**
 * A unit with the jobs on it that have not passed: it waits for the earliest
 * of those that take it apart, and is free only when none is left.
 */
export function unitAwaiting(unit: RestraintUnit, open: readonly OpenJob[]): RestraintUnit {
  const { awaitsCheck: _before, ...free } = unit
  const [first] = open.filter((j) => j.holdsUnit).toSorted((a, b) => a.since.localeCompare(b.since))
  return first ? { ...free, awaitsCheck: { job: first.kind, since: first.since } } : free
}
