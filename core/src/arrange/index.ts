export {
  adultBreadthSchema,
  ARRANGE_FORMAT,
  ARRANGE_VERSION,
  DRIVER_ID,
  type ArrangeRequest,
  arrangeRequestSchema,
  type Pin,
  pinSchema,
} from './request.ts'
export {
  arrange,
  arranging,
  type ArrangeProgress,
  type ArrangeResult,
  type ArrangeVerdict,
  type CarVerdict,
} from './arrange.ts'
export { type Arrangement, type Seat } from './told.ts'
export { type SideGap, type RowOf, type Stand } from './row-told.ts'
export { eachPlace, type PlaceAnswer, type WhyNotThere } from './each-place.ts'
export { compile } from './compile.ts'
export { familyOf } from './family.ts'
export { type Fact } from './facts.ts'
export { type Level, LEVELS, type ToldLevels } from './levels.ts'
export {
  becauseText,
  gapText,
  singleChangeText,
  conflictText,
  factText,
  whyNotThereText,
  type Names,
} from './arrange.en.ts'
export { type SingleChange } from './one-change.ts'
export { type ConflictFact } from './conflict.ts'
export { searchCar, searchWhole } from './search.ts'
