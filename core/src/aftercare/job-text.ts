import type { JobKind, JobStep } from './job.ts'

/** One step as data: its id is the name of its text, `data` fills it. */
export interface JobLine {
  readonly id: string
  readonly data: unknown
  /** The step whose effect this one takes back. */
  readonly pairedWith?: string
}
/** Everything that one job says in one language; a step's text bears its id. */
export interface JobText {
  readonly title: string
  readonly steps: Readonly<Record<string, (data: never) => string>>
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

/** Names a step of the text beside a job, with its data: one that is not there, or lacks data, does not compile. */
export const jobSayer =
  <T extends JobText>() =>
  <K extends keyof T['steps'] & string>(id: K, ...data: Parameters<T['steps'][K]>): JobLine => ({ id, data: data[0] })

/** Steps in the order listed; a line that does not apply here is left out. */
export const linesOf = (lines: readonly (JobLine | false | undefined)[]): readonly JobLine[] =>
  lines.flatMap((line) => (line ? [line] : []))

/** The steps of a job in the language of its text. */
export const spokenSteps = ({ steps }: JobText, lines: readonly JobLine[]): readonly JobStep[] =>
  lines.map(({ id, data, pairedWith }) => {
    const text = steps[id] as ((data: unknown) => string) | undefined
    if (text === undefined) throw new Error(`The job has no step "${id}"`)
    return { id, text: text(data), ...(pairedWith !== undefined && { pairedWith }) }
  })
