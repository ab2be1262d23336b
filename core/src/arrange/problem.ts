import type { SideProfile, Span } from '../fit/index.ts'
import type { Mode, RestraintModel, RestraintUnit, Route } from '../restraint/index.ts'
import type { SeatingPosition, SharedPart, Taking, Vehicle } from '../vehicle/index.ts'
import type { Fact } from './facts.ts'

/**
 * One car and one family as the search sees them: who rides, what each could
 * have where, and what those take from one another. Nothing here is decided yet.
 */

/** A place of the car, in the car's own order. */
export interface Place {
  readonly position: SeatingPosition
  readonly index: number
  readonly row: number
  /** Its turn from the left in its row. */
  readonly turn: number
  /** Middle of the place; `undefined` while nobody has measured it. */
  readonly centreMm: number | undefined
  /** On which sides of it its buckle may stand. */
  readonly buckles: { readonly left: boolean; readonly right: boolean }
  /** `door`, or any of these places past which it is reached; `unknown` where neither is said. */
  readonly reached: 'door' | 'unknown' | readonly number[]
  /** The place whose airbag stands before it; `undefined` where there is none. */
  readonly airbagOf: number | undefined
  readonly trimLeftMm: number | undefined
  readonly trimRightMm: number | undefined
  /** Front seats that stand before it. */
  readonly behind: readonly number[]
}

/** What stands on a place, seen from the side: interned, so that pairs are worked out once. */
export interface Body {
  readonly id: number
  readonly profile: SideProfile
  readonly playMm: number
  /** A hand must reach the buckle beside it. */
  readonly needsHand: boolean
  /** What to find out where it may be narrower than it is taken to be. */
  readonly openFacts: readonly Fact[]
}

/** Units that nothing tells apart but their serial numbers. */
export interface UnitClass {
  readonly index: number
  readonly model: RestraintModel
  readonly units: readonly RestraintUnit[]
  readonly isOwned: boolean
}

/** How the front seat before a rearward shell may stand, as travel from fully back, in mm. */
export interface SeatTravel {
  readonly seat: number
  /** Travel at which it fits whatever is unknown. */
  readonly certain: Span
  /** Travel outside which it does not fit for certain. */
  readonly possible: Span
  /** The furthest forward the tallest driver leaves it, where the driver sits there. */
  readonly driverMm: Span | undefined
  /** What to measure where the seat's travel is not known. */
  readonly openFact: Fact | undefined
}

/** One way for one rider to ride. */
export interface Candidate extends Taking {
  /** Its turn among all candidates of the car: the last word where all else is equal. */
  readonly index: number
  readonly rider: number
  readonly place: number
  /** The second place of a lie-flat. */
  readonly second: number | undefined
  /** Places taken, one bit each. */
  readonly mask: number
  readonly unitClass: number | undefined
  readonly baseClass: number | undefined
  readonly model: RestraintModel | undefined
  readonly mode: Mode | undefined
  readonly route: Route | undefined
  readonly centreMm: number | undefined
  /** The leftmost of its places, by turn in the row, and the rightmost. */
  readonly from: number
  readonly to: number
  readonly body: Body
  /** Its body at its places: interned, as the body is. */
  readonly slot: number
  /** Still to be measured for this way alone. */
  readonly facts: readonly Fact[]
  /** How many of them no other rider can share. */
  readonly ownFacts: number
  readonly isAdvisedAgainst: boolean
  readonly rearwardMonths: number
  readonly harnessMonths: number
  readonly rearwardLost: number
  readonly harnessLost: number
  readonly isNotOwned: boolean
  readonly wishesBroken: number
  /** The youngest does not sit where the profile wants it. */
  readonly isYoungestElsewhere: boolean
  /** Its unit has to be converted or turned round first. */
  readonly isConverted: boolean
  readonly steps: number
  readonly endsSoon: boolean
  /** Levels before the margin, and after it, as one number each (`levels.ts`). */
  readonly before: number
  readonly after: number
  /** How the airbag before it must be. */
  readonly airbag: 'on' | 'off' | 'either'
  readonly travel: readonly SeatTravel[]
  /** What stands on a front seat for those behind it. */
  readonly onFrontSeat: 'driver' | 'restraint' | 'person'
  readonly seatForwardMm: number | undefined
  /** A child can be lifted past it while nobody sits in it. */
  readonly passable: 'yes' | 'no' | 'look'
  /** An adult can get in past it before its child is in. */
  readonly isAdultPassable: boolean
}

export interface Rider {
  readonly kind: 'child' | 'adult' | 'driver'
  readonly id: string
}

/** Two places that share something, and what. */
export interface Sharing {
  readonly part: SharedPart
  readonly place: number
  readonly other: number
}

export interface CarProblem {
  readonly vehicle: Vehicle
  readonly places: readonly Place[]
  readonly riders: readonly Rider[]
  readonly classes: readonly UnitClass[]
  /** By rider. */
  readonly candidates: readonly (readonly Candidate[])[]
  readonly sharing: readonly Sharing[]
  /** Broken by using this car at all. */
  readonly wishesBroken: number
}

/** One candidate a rider, in the order of riders. */
export type Picks = readonly Candidate[]
