import { liesAcross, type Mode, type RestraintModel, type Route } from '../restraint/index.ts'
import {
  mayLendBars,
  neighboursOf,
  sharedBetween,
  type SeatingPosition,
  type Taking,
  type Vehicle,
} from '../vehicle/index.ts'
import { chosenIn, type Case } from './case.ts'
import type { OtherOfRide, Ride } from './ride.ts'

/** Which of the others of a ride a restraint meets where it stands: what they change leaves looks at it in doubt. */

const placesOf = (c: Pick<Case, 'vehicle'>, other: OtherOfRide): readonly SeatingPosition[] =>
  (c.vehicle?.positions ?? []).filter((p) => other.positionIds.includes(p.id))

/** One side of the car: the middle stands behind either front seat. */
const isOnSide = (a: SeatingPosition, b: SeatingPosition): boolean =>
  a.side === b.side || a.side === 'centre' || b.side === 'centre'

/** What the places are called where others of a ride sit, in the order of the car. */
export const placeLabels = (c: Pick<Case, 'vehicle'>, others: readonly OtherOfRide[]): readonly string[] =>
  (c.vehicle?.positions ?? []).filter((p) => others.some((o) => o.positionIds.includes(p.id))).map((p) => p.label)

/** Most fittings are alone, and every place of every mode asks. */
const NOBODY: readonly OtherOfRide[] = []

/** Those in the row of a place, and those of whom nobody has said where they sit: they may be in it. */
export const othersBeside = (c: Pick<Case, 'vehicle' | 'ride'>, position: SeatingPosition): readonly OtherOfRide[] =>
  c.ride === undefined
    ? NOBODY
    : c.ride.others.filter((o) => o.positionIds.length === 0 || placesOf(c, o).some((p) => p.row === position.row))

/** Whether two places share a part of the car, or nobody has said that they do not. */
const mayShare = (vehicle: Pick<Vehicle, 'positions'>, a: SeatingPosition, b: SeatingPosition): boolean =>
  sharedBetween(a, b).length > 0 || (mayLendBars(a, b) && neighboursOf(vehicle, a).some((p) => p.id === b.id))

/** Those at places that share a part of the car with one of these, or may; and those of whom nobody has said where they sit. */
export const othersSharing = (
  { vehicle, ride }: Pick<Case, 'vehicle' | 'ride'>,
  own: readonly SeatingPosition[],
): readonly OtherOfRide[] => {
  if (ride === undefined || vehicle === undefined) return NOBODY
  const sharing = vehicle.positions.filter((p) => own.some((o) => o.id !== p.id && mayShare(vehicle, o, p)))
  return sharing.length === 0
    ? NOBODY
    : ride.others.filter((o) => o.positionIds.length === 0 || sharing.some((p) => o.positionIds.includes(p.id)))
}

/** What one of the others takes of its place; `undefined` while it is not chosen. */
export const takingOfOther = ({ kind, takes }: OtherOfRide): Taking | undefined =>
  takes && {
    usesBars: takes.includes('bars'),
    usesTether: takes.includes('tether'),
    usesRails: takes.includes('rails'),
    usesBelt: takes.includes('belt'),
    isRestraint: kind === 'child',
  }

/** What was said of a restraint itself: of this mode, and at this place. */
export function ownOf(
  ride: Ride | undefined,
  at: { readonly model: RestraintModel; readonly mode: Mode; readonly position: SeatingPosition | undefined },
): Pick<NonNullable<Ride['own']>, 'isExtraOff' | 'outsideMm' | 'secondPositionId'> {
  const { of, isExtraOff, outsideMm, secondPositionId } = ride?.own ?? {}
  return {
    ...(of?.modelId === at.model.id && of.modeId === at.mode.id && { isExtraOff, outsideMm }),
    ...(of?.positionId !== undefined && of.positionId === at.position?.id && { secondPositionId }),
  }
}

/**
 * The places that a restraint takes. One that lies across takes two: in a row of
 * two there is but one beside, otherwise somebody says which; until then it is
 * not known how far it reaches to either side (`isWhole`).
 */
export function placesTaken(
  vehicle: Vehicle,
  position: SeatingPosition,
  { mode, route }: { readonly mode: Mode | undefined; readonly route: Route | undefined },
  secondPositionId: string | undefined,
): { readonly places: readonly SeatingPosition[]; readonly isWhole: boolean } {
  if (mode === undefined || route === undefined || !liesAcross(mode, route))
    return { places: [position], isWhole: true }
  const beside = neighboursOf(vehicle, position)
  const second = beside.find((p) => p.id === secondPositionId) ?? (beside.length === 1 ? beside[0] : undefined)
  return second === undefined ? { places: [position], isWhole: false } : { places: [position, second], isWhole: true }
}

/** What everybody beside a place is like, as far as it is wide, in the way of a hand, or takes what serves both. */
export function besideIn(c: Case): unknown {
  const { position } = chosenIn(c)
  if (position === undefined) return []
  const near = new Set([...othersBeside(c, position), ...othersSharing(c, [position])])
  return (c.ride?.others ?? [])
    .filter((o) => near.has(o))
    .map(({ positionIds, isAcross, widths, playMm, needsHand, takes }) => [
      positionIds,
      isAcross ?? false,
      widths ?? null,
      playMm,
      needsHand,
      takes ?? null,
    ])
}

/** What others do to a seat that stands before this place, or that this restraint stands on. */
export function sharedSeatIn(c: Case): unknown {
  const { position } = chosenIn(c)
  if (position === undefined || position.row > 2) return []
  return (c.ride?.others ?? []).flatMap((o): unknown[] => {
    const near = placesOf(c, o).filter((p) => p.row <= 2 && isOnSide(p, position))
    if (near.length === 0) return []
    const isFront = near.some((p) => p.row === 1)
    return [[o.positionIds, isFront ? o.holdsSeatBack : (o.frontSeatGapMm ?? null)]]
  })
}
