import type { Fixture } from '../vehicle/index.ts'
import { R44_GROUP_MASS_KG } from '../law/index.ts'
import { isIntegral, isIsofixHeld, type R44Group } from '../restraint/index.ts'
import { takesFixture } from '../vehicle/index.ts'
import type { PlaceSubject } from './rule.ts'

/** What the lists of cars and the handbook say of one place: facts for the rules of approval and envelope. */

/** A list that names this car lists the places it names and no others; one that does not name it says nothing. */
export type Listing = 'listed' | 'not-listed' | 'not-read'

/** The restraint maker's list. */
export function makersListing({ route, vehicle, position }: PlaceSubject): Listing {
  const list = route.approvedPlaces
  if (list === undefined) return 'not-read'
  if (list.length === 0) return 'not-listed'
  let listing: Listing = 'not-read'
  for (const { vehicleId, positionIds } of list) {
    if (vehicleId !== vehicle.id) continue
    if (positionIds.includes(position.id)) return 'listed'
    listing = 'not-listed'
  }
  return listing
}

/** The vehicle maker's own list, behind the letters L and IL. */
function vehiclesListing({ model, position }: PlaceSubject): Listing {
  const list = position.handbook?.listedModelIds
  return list === undefined ? 'not-read' : list.includes(model.id) ? 'listed' : 'not-listed'
}

/** Either list carries a place that it names. */
export function listingOf(s: PlaceSubject): Listing {
  return vehiclesListing(s) === 'listed' ? 'listed' : makersListing(s)
}

/** The groups that matter for this child: those its mass may fall in, or all while unweighed. */
function touchedGroups(groups: readonly R44Group[], massKg: PlaceSubject['massKg']): readonly R44Group[] {
  if (massKg === undefined) return groups
  const touched = groups.filter((g) => R44_GROUP_MASS_KG[g].from <= massKg.hi && massKg.lo <= R44_GROUP_MASS_KG[g].to)
  return touched.length > 0 ? touched : groups
}

/**
 * The mass groups whose letters are looked up for a belt route: the mode's own
 * under UN R44; for one that goes by stature those that travel in its direction,
 * since handbooks mark belt-installed places by mass group.
 */
export function groupsLookedUp({ mode, massKg }: PlaceSubject): readonly R44Group[] {
  if (mode.approval.regulation === 'R44') return touchedGroups(mode.approval.groups, massKg)
  const ofDirection: readonly R44Group[] = !isIntegral(mode)
    ? ['II', 'III']
    : mode.direction === 'forward'
      ? ['I', 'II']
      : ['0', '0+', 'I', 'II']
  return touchedGroups(ofDirection, massKg)
}

/**
 * What in the handbook forbids this very kind here, in words; `undefined` where
 * it does not. A mark that is merely lacking (i-Size, IUF, UF, L) forbids nothing.
 */
export type Forbidden =
  | { readonly by: 'isofix-x' | 'leg' }
  | { readonly by: 'envelope'; readonly fixture: Fixture }
  | { readonly by: 'belt-letters'; readonly letters: readonly { readonly g: R44Group; readonly letter: string }[] }

export function forbiddenByHandbook(s: PlaceSubject): Forbidden | undefined {
  const { handbook } = s.position
  const { mode, route } = s
  if (handbook === undefined) return undefined
  if (isIntegral(mode) && isIsofixHeld(route)) {
    if (handbook.isofix === 'X') return { by: 'isofix-x' }
    if (route.fixture !== undefined && takesFixture(handbook, route.fixture) === false)
      return { by: 'envelope', fixture: route.fixture }
  }
  if (route.belt !== undefined && !(isIntegral(mode) && isIsofixHeld(route))) {
    const letters = groupsLookedUp(s).map((g) => ({ g, letter: handbook.beltGroups?.[g] }))
    const none = letters.flatMap(({ g, letter }) => (letter === 'X' || letter === 'B' ? [{ g, letter }] : []))
    if (letters.length > 0 && none.length === letters.length) return { by: 'belt-letters', letters: none }
    // Under UN R44 the child's own group decides, and between two groups both must do.
    if (mode.approval.regulation === 'R44' && none.length > 0) return { by: 'belt-letters', letters: none }
    if (route.fixture !== undefined && takesFixture(handbook, route.fixture) === false)
      return { by: 'envelope', fixture: route.fixture }
  }
  if (route.leg !== undefined && handbook.table?.legPermitted === false) return { by: 'leg' }
  return undefined
}

/** Whether an i-Size route stands at an i-Size place that is marked for its direction. */
export function isISizeAtISize({ route, mode, position }: PlaceSubject): boolean {
  const mark = position.handbook?.iSize
  return route.scope === 'i-size' && (mark === 'i-U' || (mark === 'i-UF' && mode.direction === 'forward'))
}
