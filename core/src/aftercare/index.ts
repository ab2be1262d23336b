export {
  EMPTY_RECORD,
  JOB_KINDS,
  JOB_TITLE,
  type JobKind,
  type JobPlan,
  type JobRecord,
  jobState,
  type JobState,
  withAnswer,
  withStep,
} from './job.ts'
export { type JobContext, jobsFor, partsToCount, planJob } from './plans.ts'
export { type OpenJob, UNIT_FACT_TEXT, unitAwaiting, type UnitFact, unitFacts, withoutLowering } from './unit.ts'
