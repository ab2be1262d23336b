import { chosenIn, staleChangesOf, type Case } from '../casefile/index.ts'
import { ageMonthsOf, type Child } from '../child/index.ts'
import { measuresOn } from '../growth/index.ts'
import type { LocalRule, PracticeProfile } from '../practice/index.ts'
import type { IsoDate } from '../quantities/index.ts'
import { CHECK_IDS, staleReadings, standingSteps, type CheckId } from '../readings/index.ts'
import type { Mode, RestraintModel, RestraintUnit, Route } from '../restraint/index.ts'
import type { FittedSubject, Look, ModeSubject, PlaceSubject } from '../rules/index.ts'
import type { SeatingPosition, Vehicle } from '../vehicle/index.ts'
import { askedChecks, lazily } from './evaluate.ts'

/** Who is fitted, when, and under which profile: the same for every mode. */
export interface Circumstances {
  readonly today: IsoDate
  readonly child: Child
  readonly practice: PracticeProfile
  readonly localRule: LocalRule
  readonly journeyMinutes?: number | undefined
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
    ...measuresOn(c.child, c.today),
    practice: c.practice,
    localRule: c.localRule,
    journeyMinutes: c.journeyMinutes,
  }
})

// Written out field by field: a whole shelf makes thousands of these, and spreading one is many times slower.

export function modeSubject(
  side: ChildSide,
  model: RestraintModel,
  mode: Mode,
  unit?: RestraintUnit,
  baseUnit?: RestraintUnit,
): ModeSubject {
  const { today, child, age, massKg, statureCm, shoulderMm, shoulder, sitting, practice, localRule } = side
  const { journeyMinutes } = side
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
    journeyMinutes,
    model,
    mode,
    unit,
    baseUnit,
  }
}

export function placeSubject(at: ModeSubject, route: Route, position: SeatingPosition, vehicle: Vehicle): PlaceSubject {
  const { today, child, age, massKg, statureCm, shoulderMm, shoulder, sitting, practice, localRule } = at
  const { model, mode, unit, baseUnit, journeyMinutes, alternatives } = at
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
    baseUnit,
    journeyMinutes,
    alternatives,
    route,
    position,
    vehicle,
  }
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
  const look = (id: CheckId): Look => ({ reading: c.readings[id], staleBecause: stale.get(id) })
  const subject: FittedSubject = {
    ...modeSubject(childSide(c), model, mode, unit, baseUnit),
    route,
    position,
    vehicle: c.vehicle,
    settings: c.settings,
    look,
    doneAt: (stepId) => done.get(stepId),
    identity: c.identity,
    noted: CHECK_IDS.filter((id) => c.readings[id] !== undefined && !stale.has(id)),
    asked: lazily(() => askedChecks(subject)),
  }
  return subject
})
