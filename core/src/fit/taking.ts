import type { Route } from '../restraint/index.ts'
import type { SeatingPosition, Taking } from '../vehicle/index.ts'

/** What a restraint, or somebody on the seat itself, takes of a place. */

/** An advised tether that was hooked holds its anchorage as a required one does. */
export interface Hooked {
  readonly topTether: boolean
  readonly lowerTethers: boolean
}
const NOT_HOOKED: Hooked = { topTether: false, lowerTethers: false }

/** On a route; before anybody hooked it, an advised tether is left off where another needs its anchorage. */
export const takingOf = (route: Route, hooked: Hooked = NOT_HOOKED): Taking => ({
  usesBars: route.isofix !== undefined,
  usesTether: route.topTether?.use === 'required' || (route.topTether?.use === 'optional' && hooked.topTether),
  usesRails: route.lowerTethers?.use === 'required' || (route.lowerTethers?.use === 'optional' && hooked.lowerTethers),
  usesBelt: route.belt !== undefined,
  isRestraint: true,
})

export const PERSON_TAKES: Taking = {
  usesBars: false,
  usesTether: false,
  usesRails: false,
  usesBelt: true,
  isRestraint: false,
}

/**
 * How the top tether of a route is used at a place: one that the maker only advises
 * has nothing to hook on to where the place has no anchorage. `undefined`: not at all.
 */
export const tetherUseAt = (
  { topTether }: Route,
  position: Pick<SeatingPosition, 'tether'> | undefined,
): 'required' | 'optional' | undefined =>
  topTether?.use === 'optional' && position?.tether?.where === 'none' ? undefined : topTether?.use
