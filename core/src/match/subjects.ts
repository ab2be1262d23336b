import { chosenIn, type Case } from '../casefile/index.ts'
import { ageMonthsOf, massOf, seatedShoulderOf, sittingHeightOf, statureOf, type Child } from '../child/index.ts'
import type { LocalRule, PracticeProfile } from '../practice/index.ts'
import { toInterval, type IsoDate } from '../quantities/index.ts'
import { staleReadings, standingSteps, type CheckId, type StaleEdge } from '../readings/index.ts'
import type { Mode, RestraintModel, RestraintUnit, Route } from '../restraint/index.ts'
import type { FittedSubject, Look, ModeSubject, PlaceSubject } from '../rules/index.ts'
import type { SeatingPosition, Vehicle } from '../vehicle/index.ts'

/** Who is fitted, when, and under which profile: the same for every mode. */
export interface Circumstances {
  readonly today: IsoDate
  readonly child: Child
  readonly practice: PracticeProfile
  readonly localRule: LocalRule
}

type ChildSide = Omit<ModeSubject, 'model' | 'unit' | 'mode' | 'alternatives'>

/** Worked out once per document: documents are never changed in place. */
function oncePer<K extends object, V>(make: (key: K) => V): (key: K) => V {
  const known = new WeakMap<K, { readonly value: V }>()
  return (key) => {
    const hit = known.get(key)
    if (hit) return hit.value
    const value = make(key)
    known.set(key, { value })
    return value
  }
}

export const childSide = oncePer((c: Circumstances): ChildSide => {
  return {
    today: c.today,
    child: c.child,
    age: ageMonthsOf(c.child, c.today),
    massKg: massOf(c.child),
    statureCm: statureOf(c.child),
    shoulderMm: toInterval(c.child.seatedShoulderHeightMm),
    shoulder: seatedShoulderOf(c.child),
    sitting: sittingHeightOf(c.child),
    practice: c.practice,
    localRule: c.localRule,
  }
})

// Written out field by field: a whole shelf makes thousands of these, and spreading one is many times slower.

export function modeSubject(side: ChildSide, model: RestraintModel, mode: Mode, unit?: RestraintUnit): ModeSubject {
  const { today, child, age, massKg, statureCm, shoulderMm, shoulder, sitting, practice, localRule } = side
  return { today, child, age, massKg, statureCm, shoulderMm, shoulder, sitting, practice, localRule, model, mode, unit }
}

export function placeSubject(at: ModeSubject, route: Route, position: SeatingPosition, vehicle: Vehicle): PlaceSubject {
  const { today, child, age, massKg, statureCm, shoulderMm, shoulder, sitting, practice, localRule } = at
  const { model, mode, unit, alternatives } = at
  return {
    today,
    child,
    age,
    massKg,
    statureCm,
    shoulderMm,
    shoulder,
    sitting,
    practice,
    localRule,
    model,
    mode,
    unit,
    alternatives,
    route,
    position,
    vehicle,
  }
}

/** Edges of staleness that the mode, the route and the place state themselves. */
export function chosenEdges(chosen: {
  readonly mode?: Mode | undefined
  readonly route?: Route | undefined
  readonly position?: SeatingPosition | undefined
}): readonly StaleEdge[] {
  const { mode, route, position } = chosen
  const holdsToMovingFrame =
    route?.lowerTethers !== undefined && position?.lowerTetherPoints?.some((p) => p.kind === 'moving-frame')
  return [
    ...(mode?.staleEdges ?? []),
    ...(route?.staleEdges ?? []),
    ...(holdsToMovingFrame ? [{ change: 'frontSeatGapMm', unpasses: ['front-seat', 'lower-tethers'] }] : []),
  ]
}

/** Which readings of a case no longer hold, and the change that outdated each. */
export const staleIn = oncePer((c: Case): ReturnType<typeof staleReadings> => {
  return staleReadings({
    choiceAt: c.choice.at,
    settings: c.settings,
    disturbances: c.disturbances,
    readings: c.readings,
    ownEdges: chosenEdges(chosenIn(c)),
  })
})

/** Steps noted as done that still stand, each with its place in the order of entry. */
export const stepsDoneIn = oncePer((c: Case): ReturnType<typeof standingSteps> =>
  standingSteps({
    choiceAt: c.choice.at,
    settings: c.settings,
    disturbances: c.disturbances,
    stepsDone: c.stepsDone ?? {},
    ownEdges: chosenEdges(chosenIn(c)),
  }),
)

/** The whole fitting as rules see it, or `undefined` while mode, route or place is open. */
export const fittedSubject = oncePer((c: Case): FittedSubject | undefined => {
  const { model, unit, mode, route, position } = chosenIn(c)
  if (!model || !mode || !route || !position || !c.vehicle) return undefined
  const stale = staleIn(c)
  const done = stepsDoneIn(c)
  const look = (id: CheckId): Look => ({ reading: c.readings[id], staleBecause: stale.get(id) })
  return {
    ...modeSubject(childSide(c), model, mode, unit),
    route,
    position,
    vehicle: c.vehicle,
    settings: c.settings,
    look,
    doneAt: (stepId) => done.get(stepId),
  }
})
