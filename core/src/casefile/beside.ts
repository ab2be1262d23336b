import type { SeatingPosition } from '../vehicle/index.ts'
import { chosenIn, type Case } from './case.ts'
import type { OtherOfRide } from './ride.ts'

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

/** Those in the row of a place. */
export const othersInRow = (c: Pick<Case, 'vehicle' | 'ride'>, position: SeatingPosition): readonly OtherOfRide[] =>
  c.ride === undefined ? NOBODY : c.ride.others.filter((o) => placesOf(c, o).some((p) => p.row === position.row))

/** What everybody beside a place is like, as far as it is wide or in the way of a hand. */
export function besideIn(c: Case): unknown {
  const { position } = chosenIn(c)
  if (position === undefined) return []
  return othersInRow(c, position).map(({ positionIds, widths, playMm, needsHand }) => [
    positionIds,
    widths ?? null,
    playMm,
    needsHand,
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
