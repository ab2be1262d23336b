export { type Point } from './plane.ts'
export { type Handle } from './handles.ts'
export {
  BENCH_LINES,
  type BenchLine,
  type BenchLineId,
  benchLines,
  LINE_RULES,
  lineValueText,
  NO_FIGURE,
} from './lines.ts'
export { type Section, sectionOf } from './section.ts'
export { describeBench } from './describe.ts'
export { findSetUp, findSetUpWhole, type FoundSetUp } from './find-set-up.ts'
