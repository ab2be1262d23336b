import type { Decision } from '../quantities/index.ts'
import type { Mode, RestraintModel, RestraintUnit, Route } from '../restraint/index.ts'
import type { ModeSubject, Need, RawFinding } from '../rules/index.ts'

/** One thing that could be taken off the shelf; a model without a unit is in the catalogue only. */
export interface StockItem {
  readonly model: RestraintModel
  readonly unit?: RestraintUnit | undefined
}

export interface RouteMatch {
  readonly route: Route
  readonly decision: Decision
  readonly findings: readonly RawFinding[]
}

/** Where a mode stands on the child's way: what a conversion or time will mend, what it has taken, what it never was. */
export type Standing = 'permitted' | 'undecided' | 'convert-first' | 'soon' | 'outgrown' | 'not-permitted'

/** One mode against one child. Everything but the decision is worked out when somebody reads it. */
export interface ModeMatch {
  readonly model: RestraintModel
  readonly unit?: RestraintUnit | undefined
  readonly mode: Mode
  /** Whether the child may use the mode by at least one of its routes. */
  readonly decision: Decision
  readonly standing: Standing
  /** What rules of modes are asked of, with what only the whole stock tells. */
  readonly subject: ModeSubject
  /** Mode rules and the best route's, worst first. */
  readonly findings: readonly RawFinding[]
  /** What mode and best route still wait for; advice waits for nothing. */
  readonly openNeeds: ReadonlySet<Need>
  /** Best first. */
  readonly routes: readonly RouteMatch[]
  /** The finding that decided: the worst one, or the pass with the least room. */
  readonly deciding: RawFinding | undefined
  /** Permitted, but the practice profile advises otherwise. */
  readonly isAdvisedAgainst: boolean
  /** Least room to the limits that rules name, as a share of each; `Infinity` where nothing limits. */
  readonly room: number
  /** The same of the limits that a child grows towards: outgrown by the next visit, where it is small. */
  readonly roomToGrow: number
}
