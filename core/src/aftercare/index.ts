export {
  EMPTY_RECORD,
  JOB_KINDS,
  type JobKind,
  type JobPlan,
  type JobRecord,
  jobState,
  type JobState,
  withAnswer,
  withStep,
} from './job.ts'
export { type JobContext } from './context.ts'
export { JOB_CHECK_IDS, type JobTexts } from './job-text.ts'
export { JOBS_EN } from './jobs.en.ts'
export { partsToCount } from './parts-to-count.ts'
export { jobsFor, planJob } from './plans.ts'
export { type OpenJob, UNIT_FACT_TEXT, unitAwaiting, type UnitFact, unitFacts, withoutLowering } from './unit.ts'
