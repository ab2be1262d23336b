export { guideLine } from './belt-path.en.ts'
export { anglePreference } from './recommend-tilt.ts'
export { STEPS_EN } from './usual-steps.en.ts'
export { USUAL_STEPS } from './usual-steps.ts'
export { checksAsked, countSteps, type Sense, type Step, stepName, stepsFor, type StepTexts } from './steps.ts'
export { inOrder } from './order.ts'
export { type Recommendation } from './recommendation.ts'
export { recommendSettings } from './recommend.ts'
export { type Redo, redoList } from './redo.ts'
export { judgeRecheck, RECHECK_ANSWERS, RECHECK_TAPS, type RecheckAnswer, recheckList } from './recheck.ts'
export {
  ONE_RIDE_PLACES,
  oneRideCar,
  type OneRidePlace,
  type OneRideWay,
  oneRideWays,
  putsForOneRide,
} from './one-ride.ts'
export { type RecheckItem } from './recheck-questions.ts'
export { disturbancesOf } from './disturbances.ts'
