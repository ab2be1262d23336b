export {
  angleBand,
  isByAirway,
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
  servedUpToMm,
  JUST_MM,
  type NoStrap,
  shoulderRangeMm,
  strapRuleOf,
  strapWindowMm,
  type Exit,
  exitOf,
  gaugeAboveExitMm,
} from './strap-height.ts'
export { exitText, slotText, STRAP_RULE_TEXT } from './strap-height.en.ts'
export {
  adviseInserts,
  type InsertAdvice,
  insertThicknessMm,
  paddingNowMm,
  insertThicknessRangeMm,
  isBefore,
} from './inserts.ts'
export {
  footprintOf,
  frontClearanceMm,
  largestAngleDeg,
  isBehindDriver,
  isReachKnown,
  judgeTouch,
  reachesMm,
  seatsInFront,
  shellFigures,
  shellReachMm,
} from './front-room.ts'
export {
  furthestMm,
  HAND_MM,
  isBreadthAsked,
  isProfileOpen,
  neededApartMm,
  outsideWidthMm,
  personProfile,
  profileOf,
  SIDEWAYS_PLAY_MM,
  type SideProfile,
  type Span,
  USUAL_ADULT_BREADTH_MM,
} from './side-by-side.ts'
export { type InRow, judgeRow, standingOf, type StandsBeside } from './beside.ts'
export { PERSON_TAKES, takingOf, tetherUseAt } from './taking.ts'
export { leastShift, marginInRow, rangesInRow, type RowItem } from './row.ts'
export { boundsText } from './belt-guide.en.ts'
export { adviseGuide, GUIDE_MAX_MM, guideWindowMm } from './belt-guide.ts'
export { HEAD_LINES, headBelowEdge, isDoubtOfShare, lineHeightMm } from './head-line.ts'
