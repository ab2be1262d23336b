import { chosenIn, type Case } from '../casefile/index.ts'
import { ageMonthsOf, type Child } from '../child/index.ts'
import type { LocalRule, PracticeProfile } from '../practice/index.ts'
import { toInterval, type IsoDate } from '../quantities/index.ts'
import { staleReadings, type CheckId } from '../readings/index.ts'
import type { Mode, RestraintModel, RestraintUnit } from '../restraint/index.ts'
import type { FittedSubject, Look, ModeSubject } from '../rules/index.ts'

/** Who is fitted, when, and under which profile: the same for every mode. */
export interface Circumstances {
  readonly today: IsoDate
  readonly child: Child
  readonly practice: PracticeProfile
  readonly localRule: LocalRule
}

type ChildSide = Omit<ModeSubject, 'model' | 'unit' | 'mode' | 'alternatives'>

export function childSide(c: Circumstances): ChildSide {
  return {
    today: c.today,
    child: c.child,
    age: ageMonthsOf(c.child, c.today),
    massKg: toInterval(c.child.massKg),
    statureCm: toInterval(c.child.statureCm),
    shoulderMm: toInterval(c.child.seatedShoulderHeightMm),
    practice: c.practice,
    localRule: c.localRule,
  }
}

export const modeSubject = (side: ChildSide, model: RestraintModel, mode: Mode, unit?: RestraintUnit): ModeSubject => ({
  ...side,
  model,
  mode,
  unit,
})

/** Which readings of a case no longer hold, and the change that outdated each. */
export function staleIn(c: Case): ReturnType<typeof staleReadings> {
  const { mode, route, position } = chosenIn(c)
  const holdsToMovingFrame =
    route?.lowerTethers !== undefined && position?.lowerTetherPoints?.some((p) => p.kind === 'moving-frame')
  return staleReadings({
    choiceAt: c.choice.at,
    settings: c.settings,
    disturbances: c.disturbances,
    readings: c.readings,
    ownEdges: [
      ...(mode?.staleEdges ?? []),
      ...(route?.staleEdges ?? []),
      ...(holdsToMovingFrame ? [{ change: 'frontSeatGapMm', unpasses: ['front-seat', 'lower-tethers'] }] : []),
    ],
  })
}

/** The whole fitting as rules see it, or `undefined` while mode, route or place is open. */
export function fittedSubject(c: Case): FittedSubject | undefined {
  const { model, unit, mode, route, position } = chosenIn(c)
  if (!model || !mode || !route || !position || !c.vehicle) return undefined
  const stale = staleIn(c)
  const look = (id: CheckId): Look => ({ reading: c.readings[id], staleBecause: stale.get(id) })
  return {
    ...modeSubject(childSide(c), model, mode, unit),
    route,
    position,
    vehicle: c.vehicle,
    settings: c.settings,
    look,
  }
}
