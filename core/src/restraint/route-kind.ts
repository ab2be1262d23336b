import type { Mode, Route } from './restraint.ts'

/** The kinds of route that a logbook sorts by. */
export const ROUTE_KINDS = {
  'isofix-leg': 'ISOFIX with leg',
  'isofix-tether': 'ISOFIX with top tether',
  'isofix-other': 'ISOFIX, other',
  belt: 'Belt',
  'belt-anchored': 'Belt with leg or tethers',
  'two-places': 'Across two places',
  booster: 'Booster by belt',
  'booster-isofix': 'Booster on ISOFIX',
} as const
export type RouteKind = keyof typeof ROUTE_KINDS

export function routeKindOf(mode: Mode, route: Route): RouteKind {
  if (mode.heldBy === 'vehicle-belt') return route.isofix ? 'booster-isofix' : 'booster'
  if (route.seatsTaken === 2) return 'two-places'
  if (route.isofix)
    return route.leg ? 'isofix-leg' : route.topTether?.use === 'required' ? 'isofix-tether' : 'isofix-other'
  return route.leg || route.lowerTethers || route.topTether?.use === 'required' ? 'belt-anchored' : 'belt'
}
