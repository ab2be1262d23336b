import { every, some, type Decision } from '../quantities/index.ts'
import type { Mode, RestraintModel, RestraintUnit, Route } from '../restraint/index.ts'
import type { RawFinding } from '../rules/index.ts'
import type { SeatingPosition, Vehicle } from '../vehicle/index.ts'
import { decide, evaluate, worstFirst } from './evaluate.ts'
import { childSide, modeSubject, type Circumstances } from './subjects.ts'

export interface PlaceRouteMatch {
  readonly route: Route
  readonly decision: Decision
  /** Worst first. */
  readonly findings: readonly RawFinding[]
}
export interface PlaceMatch {
  readonly position: SeatingPosition
  readonly decision: Decision
  readonly routes: readonly PlaceRouteMatch[]
}

/** Where in the car a mode may go, and by which of its routes; the driver's seat is left out. */
export function matchPlaces(
  circumstances: Circumstances,
  vehicle: Vehicle,
  chosen: { readonly model: RestraintModel; readonly mode: Mode; readonly unit?: RestraintUnit | undefined },
): readonly PlaceMatch[] {
  const subject = modeSubject(childSide(circumstances), chosen.model, chosen.mode, chosen.unit)
  const modeDecision = decide(evaluate('mode', subject))
  return vehicle.positions
    .filter((position) => !position.isDriverSeat)
    .map((position) => {
      const routes = chosen.mode.routes.map((route): PlaceRouteMatch => {
        const at = { ...subject, route, position, vehicle }
        const findings = [...evaluate('route', at), ...evaluate('place', at)].toSorted(worstFirst)
        return { route, findings, decision: every([modeDecision === 'fail' ? 'fail' : 'pass', decide(findings)]) }
      })
      return { position, routes, decision: some(routes.map((r) => r.decision)) }
    })
}
