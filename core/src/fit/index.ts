export {
  angleBand,
  type AngleBand,
  MAX_SHELL_ANGLE_DEG,
  RIGHT_ANGLE_DEG,
  shellAngleDeg,
  wedgeAngleDeg,
} from './shell-angle.ts'
export { adviseNotch, legLengthNeededMm, liftMm, notchLengthMm } from './support-leg.ts'
export {
  adviseStrapHeight,
  judgeStrapHeight,
  JUST_MM,
  shoulderRangeMm,
  slotText,
  STRAP_RULE_TEXT,
  strapRuleOf,
} from './strap-height.ts'
export { adviseInserts, type InsertAdvice, insertThicknessMm, insertThicknessRangeMm, isBefore } from './inserts.ts'
export {
  footprintOf,
  frontClearanceMm,
  isBehindDriver,
  isReachKnown,
  judgeTouch,
  reachesMm,
  seatsInFront,
  shellFigures,
  shellReachMm,
} from './front-room.ts'
export { boundsText } from './belt-guide.en.ts'
export { adviseGuide, GUIDE_MAX_MM, guideWindowMm } from './belt-guide.ts'
export { HEAD_LINES } from './head-line.ts'
