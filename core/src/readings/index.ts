export {
  CHILD_MEASURES,
  childChangedSchema,
  type Disturbance,
  DISTURBANCE_IDS,
  DISTURBANCES,
  disturbancesSchema,
  type Reading,
  type Readings,
  readingsSchema,
  redoneSchema,
  sequenceSchema,
  SETTING_IDS,
  type Settings,
  settingsSchema,
  stepsDoneSchema,
  takenAwaySchema,
} from './schema.ts'
export {
  type Change,
  changeText,
  edgesOf,
  type StaleEdge,
  staleReadings,
  standingSteps,
  STEADY_ON_BELT,
  UNPASSES,
} from './staleness.ts'
export { changeSentence } from './change-text.ts'
export { lintMode, lintModel } from './catalogue-lint.ts'
