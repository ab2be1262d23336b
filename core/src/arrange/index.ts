export {
  ARRANGE_FORMAT,
  ARRANGE_VERSION,
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
export { type Arrangement, type RowOf, type Seat, type Stand } from './told.ts'
export { compile } from './compile.ts'
export { familyOf } from './family.ts'
export { type Fact } from './facts.ts'
export { type Level, LEVELS, type ToldLevels } from './levels.ts'
export { becauseText, singleChangeText, conflictText, factText, type Names } from './arrange.en.ts'
export { type SingleChange } from './one-change.ts'
export { type ConflictFact } from './conflict.ts'
export { searchCar, searchWhole } from './search.ts'
