export { type GrowthMeasure, type Lms, lmsAt, type Sex, valueAtZ, zScore } from './lms.ts'
export {
  centileText,
  CORRECTED_UNTIL_MONTHS,
  FULL_TERM_WEEKS,
  growthAgeMonths,
  growthSlips,
  growthStanding,
  shrinkSlips,
} from './standing.ts'
export { LARGEST_Z, monthlyTracking, Z_OF_P95 } from './tracking.ts'
export { measuresOn, outdatedMeasures } from './aged.ts'
