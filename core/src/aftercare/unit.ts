import { type IsoDate } from '../ground/index.ts'
import type { RestraintUnit } from '../restraint/index.ts'
import { jobState, type JobKind, type JobPlan, type JobRecord } from './job.ts'
import * as msg from './messages.en.ts'

/** What a job says of a unit for good: a crash is a fact from its first step, parts that were counted stay counted. */
export function unitFacts(unit: RestraintUnit, plan: JobPlan, record: JobRecord): RestraintUnit {
  const counted = plan.kind === 'hand-back' ? record.answers['parts-counted'] : undefined
  return {
    ...unit,
    ...(plan.kind === 'after-crash' && { wasInCrash: true }),
    ...(counted === 'good' && { isComplete: true }),
    ...(counted === 'bad' && { isComplete: false }),
    ...(jobState(plan, record).state === 'passed' && {
      ...(plan.leavesHarness && { harness: plan.leavesHarness }),
      ...(plan.leavesDirection && { direction: plan.leavesDirection }),
    }),
  }
}

/** Facts of a unit that people and jobs set, each with the value that says more against it. */
const GRAVE = { wasInCrash: true, isRecalled: true, isHistoryKnown: false, isComplete: false } as const
/** Facts that only somebody who holds the unit, or a job on it, can say. */
const STANCE = ['harness', 'direction'] as const

export type UnitFact = keyof typeof GRAVE | (typeof STANCE)[number]
export const UNIT_FACT_TEXT: Record<UnitFact, string> = {
  wasInCrash: msg.itWasInACrash,
  isRecalled: msg.itIsRecalled,
  isHistoryKnown: msg.itsHistoryIsNotKnown,
  isComplete: msg.itIsNotComplete,
  harness: msg.howItsHarnessStands,
  direction: msg.whichWayItStands,
}

/**
 * A unit as a file brings it, where the shelf knows something graver: a file
 * may be older than a crash. What it would take back is kept and named.
 */
export function withoutLowering(
  here: RestraintUnit,
  brought: RestraintUnit,
): { readonly unit: RestraintUnit; readonly kept: readonly UnitFact[] } {
  const grave = (Object.keys(GRAVE) as (keyof typeof GRAVE)[]).filter(
    (f) => here[f] === GRAVE[f] && brought[f] !== GRAVE[f],
  )
  const stance = STANCE.filter((f) => here[f] !== undefined && brought[f] !== here[f])
  const kept: readonly UnitFact[] = [...grave, ...stance]
  return { unit: { ...brought, ...Object.fromEntries(kept.map((f) => [f, here[f]])) }, kept }
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
