import type { StaleEdge } from '../readings/index.ts'
import type { Mode, Route } from '../restraint/index.ts'
import type { SeatingPosition } from '../vehicle/index.ts'
import { chosenIn, type Case } from './case.ts'

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
    ...(route?.isofix?.armsMayCreep === true
      ? [{ change: 'driven', unpasses: ['latch-left', 'latch-right', 'tug-left', 'tug-right', 'pushed-home', 'gap-behind'] }]
      : []),
    ...(holdsToMovingFrame ? [{ change: 'frontSeatGapMm', unpasses: ['front-seat', 'lower-tethers'] }] : []),
  ]
}

/** Everything in a case that may outdate a reading, with the edges that hold for what is chosen. */
export const staleChangesOf = (c: Case) => ({
  choiceAt: c.choice.at,
  settings: c.settings,
  disturbances: c.disturbances,
  childChanged: c.childChanged,
  redone: c.redone,
  ownEdges: chosenEdges(chosenIn(c)),
})
