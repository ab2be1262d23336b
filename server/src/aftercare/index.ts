import { AnswerJobCheck } from './commands/answer-job-check'
import { BeginJob } from './commands/begin-job'
import { DoJobStep } from './commands/do-job-step'
import { JobBook } from './job-book'
import { JobsRead } from './jobs-read'

/** Work on units: how it stands, and everything that can be done to it, one file each. */
export const JOBS = [JobBook, JobsRead, BeginJob, DoJobStep, AnswerJobCheck]
