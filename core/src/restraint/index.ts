export {
  type BeltUse,
  HEAD_RULES,
  type HeadRule,
  type Insert,
  type MakerStep,
  type Proof,
  RETRACTORS,
  STRAP_RULES,
  type StrapRule,
  type SupportLeg,
  type Until,
  USUAL_STEP_IDS,
  type UsualStepId,
  WIDTH_POINTS,
  type WidthPoint,
} from './parts.ts'
export {
  DIRECTION_CHANGES,
  type DirectionChange,
  type Direction,
  type Mode,
  MODE_PARTS,
  modelSchema,
  type ModePart,
  modeSchema,
  PARTS_TOLERANCE_KG,
  R44_GROUPS,
  type R44Group,
  type RestraintModel,
  type RestraintUnit,
  type Route,
  ROUTE_PARTS,
  type RoutePart,
  routeSchema,
  unitSchema,
} from './restraint.ts'
export {
  asConverted,
  directionsOf,
  isBaseUnit,
  isConvertible,
  isIntegral,
  isIsofixHeld,
  liesAcross,
  isModeWithout,
  isRouteWithout,
  directionChangeOf,
  keepsDirection,
  lifeEnd,
  modelName,
  modeStoodIn,
  stanceFor,
} from './standing.ts'
export { massRangeOf } from './groups.ts'
export { stepPairs, type StepPair } from './pairs.ts'
export { ROUTE_KINDS, type RouteKind, routeKindOf } from './route-kind.ts'
export { type Found, type Lint } from './lint-found.ts'
export { lintModelParts, lintModeParts } from './lint.ts'
export { stageGaps } from './gaps.ts'
export { DIRECTION_FACING, DIRECTION_WORD } from './direction.en.ts'
export { JOB_TITLE, jobTitle } from './job-titles.en.ts'
