import { STEADY_ON_BELT, type StaleEdge } from '../readings/index.ts'
import { isIntegral, isIsofixHeld, type Mode, type Route } from '../restraint/index.ts'
import type { SeatingPosition } from '../vehicle/index.ts'
import { chosenIn, type Case } from './case.ts'

/** Whether lower tethers are anchored, or may be, on a frame that moves with the front seat. */
export const tethersHoldToMovingFrame = (route: Route | undefined, position: SeatingPosition | undefined): boolean =>
  route?.lowerTethers !== undefined && (position?.lowerTetherPoints ?? []).some((p) => p.kind === 'moving-frame')

/** Edges of staleness that the mode, the route and the place state themselves. */
export function chosenEdges(chosen: {
  readonly mode?: Mode | undefined
  readonly route?: Route | undefined
  readonly position?: SeatingPosition | undefined
}): readonly StaleEdge[] {
  const { mode, route, position } = chosen
  const isHeldByBelt = mode !== undefined && isIntegral(mode) && route?.belt !== undefined && !isIsofixHeld(route)
  return [
    ...(isHeldByBelt ? STEADY_ON_BELT : []),
    ...(mode?.staleEdges ?? []),
    ...(route?.staleEdges ?? []),
    ...(route?.isofix?.armsMayCreep === true
      ? [
          {
            change: 'driven',
            unpasses: ['latch-left', 'latch-right', 'tug-left', 'tug-right', 'pushed-home', 'gap-behind'],
          },
        ]
      : []),
    ...(tethersHoldToMovingFrame(route, position)
      ? [{ change: 'frontSeatGapMm', unpasses: ['lower-tethers'], isBeside: true }]
      : []),
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
