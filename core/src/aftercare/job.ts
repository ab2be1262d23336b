import type { Decision } from '../quantities/index.ts'
import type { Direction } from '../restraint/index.ts'

/**
 * Work on one restraint beside a fitting: an ordered list of steps that ends in
 * checks. A plan is generated; what is kept of a job is only what was done and
 * answered.
 */

export const JOB_KINDS = [
  'take-out', 'convert', 'insert-out', 'wash', 'twisted-strap', 'sticky-buckle', 'after-crash', 'empty-booster', 'hand-back',
] as const // prettier-ignore
export type JobKind = (typeof JOB_KINDS)[number]

export interface JobStep {
  readonly id: string
  readonly text: string
  /** What shows that it is done, in the maker's words. */
  readonly proof?: string
  /** The step whose effect this one takes back. */
  readonly pairedWith?: string
}
export interface JobCheck {
  readonly id: string
  readonly label: string
  readonly how: string
  readonly options: readonly { readonly id: string; readonly label: string; readonly means: Decision }[]
  readonly remedy: string
}
export interface JobPlan {
  readonly kind: JobKind
  readonly title: string
  /** Whose words the steps are. */
  readonly byMaker: boolean
  /** How the harness stands once every check has passed, where the job changes that. */
  readonly leavesHarness?: 'in' | 'stowed'
  /** Which way the unit stands once every check has passed, where the job changes that. */
  readonly leavesDirection?: Direction
  /** The restraint may not be used from the first step until every check has passed. */
  readonly holdsUnit: boolean
  readonly steps: readonly JobStep[]
  readonly checks: readonly JobCheck[]
}

/** What has been done and answered so far: steps by their ids, and the option taken at each check. */
export interface JobRecord {
  readonly done: readonly string[]
  readonly answers: Readonly<Record<string, string>>
}
export const EMPTY_RECORD: JobRecord = { done: [], answers: {} }

export interface JobState {
  readonly state: 'steps' | 'checks' | 'passed' | 'failed'
  /** The step to do next, while there is one. */
  readonly nextStep: JobStep | undefined
  /** Checks without an answer that settles them. */
  readonly openChecks: readonly JobCheck[]
  readonly failed: readonly JobCheck[]
}

const meaningOf = (check: JobCheck, record: JobRecord): Decision =>
  check.options.find((o) => o.id === record.answers[check.id])?.means ?? 'undecided'

/** How far a job is: checks count only once every step is done, since each step may undo what they look at. */
export function jobState(plan: JobPlan, record: JobRecord): JobState {
  const nextStep = plan.steps.find((s) => !record.done.includes(s.id))
  const failed = nextStep ? [] : plan.checks.filter((c) => meaningOf(c, record) === 'fail')
  const openChecks = plan.checks.filter((c) => nextStep !== undefined || meaningOf(c, record) === 'undecided')
  const state = nextStep ? 'steps' : failed.length > 0 ? 'failed' : openChecks.length > 0 ? 'checks' : 'passed'
  return { state, nextStep, openChecks, failed }
}

/**
 * Notes a step as done or not. Taking a step back takes the answers with it:
 * what was looked at was looked at after the step.
 */
export function withStep(plan: JobPlan, record: JobRecord, stepId: string, isDone: boolean): JobRecord {
  const wanted = new Set(record.done)
  if (isDone) wanted.add(stepId)
  else wanted.delete(stepId)
  const done = plan.steps.map((s) => s.id).filter((id) => wanted.has(id))
  return { done, answers: isDone ? record.answers : {} }
}

export const withAnswer = (record: JobRecord, checkId: string, optionId: string): JobRecord => ({
  ...record,
  answers: { ...record.answers, [checkId]: optionId },
})
