import { chosenIn, staleChangesOf, type Case, type Ride } from '../casefile/index.ts'
import { ageMonthsOf, type Child } from '../child/index.ts'
import { measuresOn } from '../growth/index.ts'
import type { PracticeProfile } from '../practice/index.ts'
import type { LocalRule } from '../law/index.ts'

import { type IsoDate, oncePer } from '../ground/index.ts'
import { CHECK_IDS, type CheckId } from '../checks/index.ts'
import { staleReadings, standingSteps } from '../readings/index.ts'
import type { Mode, RestraintModel, RestraintUnit, Route } from '../restraint/index.ts'
import type { FittedSubject, Look, ModeSubject, PlaceSubject, RouteSubject } from '../rules/index.ts'
import type { SeatingPosition, Vehicle } from '../vehicle/index.ts'
import { askedChecks, lazily } from './evaluate.ts'

/** Who is fitted, when, and under which profile: the same for every mode. */
export interface Circumstances {
  readonly today: IsoDate
  readonly child: Child
  readonly practice: PracticeProfile
  readonly localRule: LocalRule
  readonly journeyMinutes?: number | undefined
  /** Who rides along, where it is one of a ride. */
  readonly ride?: Ride | undefined
}

type ChildSide = Omit<ModeSubject, 'model' | 'unit' | 'mode' | 'alternatives'>

export const childSide = oncePer((c: Circumstances): ChildSide => {
  return {
    today: c.today,
    child: c.child,
    age: ageMonthsOf(c.child, c.today),
    ...measuresOn(c.child, c.today),
    practice: c.practice,
    localRule: c.localRule,
    journeyMinutes: c.journeyMinutes,
    ride: c.ride,
  }
})

/** Every field that a subject of any scope has. */
type Whole = {
  -readonly [K in keyof FittedSubject]: K extends keyof ModeSubject ? ModeSubject[K] : FittedSubject[K] | undefined
}

/**
 * A copy with every field of every scope, in one order. A whole shelf makes
 * thousands of subjects and a hundred rules read each: where all are of one
 * shape the engine finds a field at once, and spreading one is many times slower.
 */
const copyOf = (s: ModeSubject & Partial<Omit<Whole, keyof ModeSubject>>): Whole => ({
  today: s.today,
  child: s.child,
  age: s.age,
  massKg: s.massKg,
  statureCm: s.statureCm,
  shoulderMm: s.shoulderMm,
  shoulder: s.shoulder,
  sitting: s.sitting,
  practice: s.practice,
  localRule: s.localRule,
  journeyMinutes: s.journeyMinutes,
  ride: s.ride,
  model: s.model,
  unit: s.unit,
  baseUnit: s.baseUnit,
  mode: s.mode,
  alternatives: s.alternatives,
  route: s.route,
  position: s.position,
  vehicle: s.vehicle,
  settings: s.settings,
  look: s.look,
  doneAt: s.doneAt,
  identity: s.identity,
  noted: s.noted,
  asked: s.asked,
})

export const modeSubject = (
  side: ChildSide,
  model: RestraintModel,
  mode: Mode,
  unit?: RestraintUnit,
  baseUnit?: RestraintUnit,
): ModeSubject => {
  const at = copyOf(side as ModeSubject)
  at.model = model
  at.mode = mode
  at.unit = unit
  at.baseUnit = baseUnit
  return at
}

export const withUnit = (s: ModeSubject, unit: RestraintUnit | undefined): ModeSubject => {
  const at = copyOf(s)
  at.unit = unit
  return at
}

export const withAlternatives = <S extends ModeSubject>(s: S, alternatives: ModeSubject['alternatives']): S => {
  const at = copyOf(s)
  at.alternatives = alternatives
  return at as unknown as S
}

export const routeSubject = (s: ModeSubject, route: Route, position?: SeatingPosition): RouteSubject => {
  const at = copyOf(s)
  at.route = route
  at.position = position
  return at as RouteSubject
}

export const placeSubject = (
  s: ModeSubject,
  route: Route,
  position: SeatingPosition,
  vehicle: Vehicle,
): PlaceSubject => {
  const at = copyOf(s)
  at.route = route
  at.position = position
  at.vehicle = vehicle
  return at as PlaceSubject
}

/** Which readings of a case no longer hold, and the change that outdated each. */
export const staleIn = oncePer((c: Case): ReturnType<typeof staleReadings> => {
  return staleReadings({ ...staleChangesOf(c), readings: c.readings })
})

/** Steps noted as done that still stand, each with its place in the order of entry. */
export const stepsDoneIn = oncePer((c: Case): ReturnType<typeof standingSteps> =>
  standingSteps({ ...staleChangesOf(c), stepsDone: c.stepsDone ?? {} }),
)

/** The whole fitting as rules see it, or `undefined` while mode, route or place is open. */
export const fittedSubject = oncePer((c: Case): FittedSubject | undefined => {
  const { model, unit, baseUnit, mode, route, position } = chosenIn(c)
  if (!model || !mode || !route || !position || !c.vehicle) return undefined
  const stale = staleIn(c)
  const done = stepsDoneIn(c)
  const at = copyOf(placeSubject(modeSubject(childSide(c), model, mode, unit, baseUnit), route, position, c.vehicle))
  at.settings = c.settings
  at.look = (id: CheckId): Look => ({ reading: c.readings[id], staleBecause: stale.get(id) })
  at.doneAt = (stepId) => done.get(stepId)
  at.identity = c.identity
  at.noted = CHECK_IDS.filter((id) => c.readings[id] !== undefined && !stale.has(id))
  const subject = at as FittedSubject
  at.asked = lazily(() => askedChecks(subject))
  return subject
})

/** A fitting at its very beginning: nothing set, nothing looked at, nothing done. */
export function untouched(at: PlaceSubject): FittedSubject {
  const copy = copyOf(at)
  copy.settings = {}
  copy.look = () => NOT_LOOKED
  copy.doneAt = () => undefined
  copy.noted = []
  const subject = copy as FittedSubject
  copy.asked = lazily(() => askedChecks(subject))
  return subject
}
const NOT_LOOKED: Look = {}
