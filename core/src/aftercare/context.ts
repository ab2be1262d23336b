import type { Mode, RestraintModel, RestraintUnit, Route } from '../restraint/index.ts'
import type { SeatingPosition } from '../vehicle/index.ts'

/** What a job is generated from; only what its kind needs is looked at. */
export interface JobContext {
  readonly model: RestraintModel
  readonly unit?: RestraintUnit | undefined
  readonly mode?: Mode | undefined
  readonly toMode?: Mode | undefined
  readonly route?: Route | undefined
  readonly position?: SeatingPosition | undefined
}
