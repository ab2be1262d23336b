import type { Mode, Route } from './restraint.ts'
import * as msg from './messages.en.ts'

/** The kinds of route that a logbook sorts by. */
export const ROUTE_KINDS = {
  'isofix-leg': msg.isofixWithLeg,
  'isofix-tether': msg.isofixWithTopTether,
  'isofix-other': msg.isofixOther,
  belt: msg.belt,
  'belt-anchored': msg.beltWithLegOrTethers,
  'two-places': msg.acrossTwoPlaces,
  booster: msg.boosterByBelt,
  'booster-isofix': msg.boosterOnIsofix,
} as const
export type RouteKind = keyof typeof ROUTE_KINDS

export function routeKindOf(mode: Mode, route: Route): RouteKind {
  if (mode.heldBy === 'vehicle-belt') return route.isofix ? 'booster-isofix' : 'booster'
  if (route.seatsTaken === 2) return 'two-places'
  if (route.isofix)
    return route.leg ? 'isofix-leg' : route.topTether?.use === 'required' ? 'isofix-tether' : 'isofix-other'
  return route.leg || route.lowerTethers || route.topTether?.use === 'required' ? 'belt-anchored' : 'belt'
}
