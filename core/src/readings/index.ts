export {
  CHILD_MEASURES,
  childChangedSchema,
  type Disturbance,
  DISTURBANCE_IDS,
  disturbancesSchema,
  type Reading,
  type Readings,
  readingsSchema,
  redoneSchema,
  SETTING_IDS,
  type Settings,
  settingsSchema,
  stepsDoneSchema,
  takenAwaySchema,
} from './schema.ts'
export {
  type Change,
  edgesOf,
  type StaleEdge,
  staleReadings,
  standingSteps,
  STEADY_ON_BELT,
  UNPASSES,
} from './staleness.ts'
export { changeSentence, changeText, DISTURBANCE_TEXT } from './change-text.en.ts'
export { lintMode, lintModel, MAKER_CHANGES } from './catalogue-lint.ts'
