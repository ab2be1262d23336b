import { sayerOf, spoken, type Message, type MessageTexts } from '../ground/index.ts'
import type { JobKind, JobStep } from './job.ts'

/** One step as data: the name of its message is its id. */
export interface JobLine extends Message {
  /** The step whose effect this one takes back. */
  readonly pairedWith?: string
}
/** Everything that one job says in one language; a step's text bears its id. */
export interface JobText {
  readonly steps: MessageTexts
}
/** The words of one check, good and bad. */
export interface JobCheckText {
  readonly label: string
  readonly how: string
  readonly good: string
  readonly bad: string
  readonly remedy: string
}
/** What jobs say in one language. */
export interface JobTexts {
  readonly jobs: Readonly<Record<JobKind, JobText>>
  readonly titles: Readonly<Record<JobKind, string>>
  readonly checks: Readonly<Record<JobCheckId, JobCheckText>>
  readonly unsure: string
  /** A conversion, by the labels of its modes where they are known. */
  readonly conversion: (data: { readonly from: string | undefined; readonly to: string | undefined }) => string
}

/** The checks that jobs end in; each can be answered with "cannot tell", which settles nothing. */
export const JOB_CHECK_IDS = [
  'rethreaded',
  'buckle-holds',
  'adjuster-holds',
  'all-parts-back',
  'strap-flat',
  'harness-away',
  'direction-set',
  'insert-stored',
  'car-as-found',
  'marked-unfit',
  'empty-held',
  'clean',
  'sound',
  'parts-counted',
] as const
export type JobCheckId = (typeof JOB_CHECK_IDS)[number]

export const jobText = <const T extends JobText>(text: T): T => text

export const jobSayer = <T extends JobText>() => sayerOf<T['steps']>()

/** Steps in the order listed; a line that does not apply here is left out. */
export const linesOf = (lines: readonly (JobLine | false | undefined)[]): readonly JobLine[] =>
  lines.flatMap((line) => (line ? [line] : []))

/** The steps of a job in the language of its text. */
export const spokenSteps = ({ steps }: JobText, lines: readonly JobLine[]): readonly JobStep[] =>
  lines.map(({ pairedWith, ...line }) => ({
    id: line.message,
    text: spoken(steps, line),
    ...(pairedWith !== undefined && { pairedWith }),
  }))
