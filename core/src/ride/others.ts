import { type FittingId } from '../ground/index.ts'
import { DRIVER_ID } from '../arrange/index.ts'
import { chosenIn, ownOf, placesTaken, type Case, type OtherOfRide, type Put, type Ride } from '../casefile/index.ts'
import {
  PERSON_TAKES,
  personProfile,
  type SideProfile,
  type Span,
  standingOf,
  takingOf,
  USUAL_ADULT_BREADTH_MM,
} from '../fit/index.ts'
import { toInterval } from '../quantities/index.ts'
import { liesAcross, WIDTH_POINTS } from '../restraint/index.ts'
import { doorSideOf, isDriversPlace, type Taking } from '../vehicle/index.ts'

/** One fitting of a ride, as it stands. */
export interface Member {
  readonly id: FittingId
  readonly case: Case
}
/** Somebody who rides on the seat itself: by place, with a breadth where somebody measured it. */
export interface AdultOfRide {
  readonly id: string
  readonly positionId: string
  /** A child beyond the local rule, on the belt alone. */
  readonly isChild?: boolean | undefined
  readonly shoulderBreadthMm?: number | undefined
}

const spanOf = ({ lo, hi }: Span) => ({ lo, ...(Number.isFinite(hi) && { hi }) })

function widthsOf(profile: SideProfile): NonNullable<OtherOfRide['widths']> {
  const widths: NonNullable<OtherOfRide['widths']> = {}
  for (const point of WIDTH_POINTS) {
    const at = profile[point]
    if (at !== 'none') widths[point] = { left: spanOf(at.left), right: spanOf(at.right), isStated: at.isStated }
  }
  return widths
}

const takesIn = ({ usesBars, usesTether, usesRails, usesBelt }: Taking): NonNullable<OtherOfRide['takes']> => [
  ...(usesBars ? (['bars'] as const) : []),
  ...(usesTether ? (['tether'] as const) : []),
  ...(usesRails ? (['rails'] as const) : []),
  ...(usesBelt ? (['belt'] as const) : []),
]

/** Which advised tethers were noted as hooked, as they stand in the file. */
const hookedIn = ({ readings }: Case) => ({
  topTether: readings['tether-used']?.option === 'hooked',
  lowerTethers: readings['lower-tethers-used']?.option === 'hooked',
})

/** What is said of a fitting itself in its ride, and the places that it takes. */
export function ownAndPlaces(c: Case) {
  const { model, mode, route, position } = chosenIn(c)
  const own = model && mode ? ownOf(c.ride, { model, mode, position }) : {}
  const taken =
    position && c.vehicle ? placesTaken(c.vehicle, position, { mode, route }, own.secondPositionId) : undefined
  return { own, positionIds: taken?.places.map((p) => p.id) ?? [], isWhole: taken?.isWhole !== false }
}

/** What the others of a ride have to know of one fitting. */
export function otherOf({ id, case: c }: Member): OtherOfRide {
  const { mode, route, position } = chosenIn(c)
  const { own, positionIds } = ownAndPlaces(c)
  const standing =
    mode &&
    route &&
    standingOf(mode, route, {
      hasExtra: own.isExtraOff !== true,
      outsideMm: own.outsideMm,
      shoulderBreadthMm: toInterval(c.child.shoulderBreadthMm),
      podSide: mode.sidePod === true && position ? doorSideOf(position) : undefined,
    })
  const unitIds = [c.choice.unitId, c.choice.baseUnitId].filter((x) => x !== undefined)
  const gapMm = c.settings.frontSeatGapMm?.value
  return {
    id,
    kind: 'child',
    positionIds,
    ...(mode && route && liesAcross(mode, route) && { isAcross: true }),
    ...(standing && { widths: widthsOf(standing.profile) }),
    playMm: standing?.playMm ?? 0,
    needsHand: standing?.needsHand ?? true,
    ...(route && { takes: takesIn(takingOf(route, hookedIn(c))) }),
    ...(unitIds.length > 0 && { unitIds }),
    holdsSeatBack: true,
    ...(gapMm !== undefined && { frontSeatGapMm: gapMm }),
  }
}

const otherOfAdult = ({ id, positionId, shoulderBreadthMm }: AdultOfRide): OtherOfRide => ({
  id,
  kind: 'adult',
  positionIds: [positionId],
  widths: widthsOf(personProfile(shoulderBreadthMm ?? USUAL_ADULT_BREADTH_MM)),
  playMm: 0,
  needsHand: true,
  takes: takesIn(PERSON_TAKES),
  holdsSeatBack: false,
})

/** Somebody drives: beside a child in the front they are an adult like another, of a usual breadth. */
const driverOf = ({ vehicle }: Case): readonly AdultOfRide[] => {
  const place = vehicle?.positions.find((p) => isDriversPlace(vehicle, p))
  return place === undefined ? [] : [{ id: DRIVER_ID, positionId: place.id }]
}

/** How one of a ride has to be told of the others: those in the same car alone are beside it. */
export function rideFor(
  rideId: string,
  member: Member,
  members: readonly Member[],
  adults: readonly AdultOfRide[],
  installing: readonly string[],
): Ride {
  const vehicleId = member.case.vehicle?.id
  const others = members.filter((m) => m.id !== member.id && m.case.vehicle?.id === vehicleId)
  const turn = installing.indexOf(member.id)
  const before = installing.filter((id, i) => i < turn && others.some((o) => o.id === id))
  const own = member.case.ride?.own
  return {
    id: rideId,
    others: [...others.map(otherOf), ...[...adults, ...driverOf(member.case)].map(otherOfAdult)],
    ...(before.length > 0 && { installedBefore: before }),
    ...(own && { own }),
  }
}

const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/** What has to be put into one fitting so that it knows the others as they are; nothing where it does. */
export function putsForRide(c: Case, ride: Ride): readonly Put[] {
  if (c.ride === undefined || c.ride.id !== ride.id) return [{ path: ['ride'], value: ride }]
  return (['others', 'installedBefore'] as const).flatMap((key): Put[] =>
    isSame(c.ride?.[key], ride[key]) ? [] : [{ path: ['ride', key], value: ride[key] ?? null }],
  )
}
