import { isReachKnown, reachesMm, seatsInFront } from '../fit/index.ts'
import { toInterval } from '../quantities/index.ts'
import type { Mode, Route } from '../restraint/index.ts'
import { bucklesOf, isDriversPlace, neighboursOf, type SeatingPosition, type Vehicle } from '../vehicle/index.ts'
import type { Fact } from './facts.ts'
import type { Place, SeatTravel, Sharing } from './problem.ts'

/** What the search must know of a car beside what the rules ask of it. */

const SIDE_TURN = { left: 0, centre: 1, right: 2 } as const

/** Places whose airbag is another’s carry that one’s facts, so that rules see it before them. */
export function withAirbagsOf(vehicle: Vehicle): Vehicle {
  if (vehicle.positions.every((p) => p.airbagOf === undefined || p.frontAirbag !== undefined)) return vehicle
  return {
    ...vehicle,
    positions: vehicle.positions.map((p) => {
      const own = vehicle.positions.find((q) => q.id === p.airbagOf)
      return own === undefined || p.frontAirbag !== undefined ? p : { ...p, frontAirbag: own.frontAirbag }
    }),
  }
}

/** The car with only these two places in their row: what lies across both has no other to lie on. */
export const withOnly = (vehicle: Vehicle, a: SeatingPosition, b: SeatingPosition): Vehicle => ({
  ...vehicle,
  positions: vehicle.positions.filter((p) => p.row !== a.row || p.id === a.id || p.id === b.id),
})

const byTurn = (a: SeatingPosition, b: SeatingPosition): number =>
  a.lateralCentreMm !== undefined && b.lateralCentreMm !== undefined
    ? a.lateralCentreMm - b.lateralCentreMm
    : SIDE_TURN[a.side] - SIDE_TURN[b.side]

function reachedOf(vehicle: Vehicle, position: SeatingPosition, indexOf: (id: string) => number): Place['reached'] {
  const { reachedPast, doorSide, side } = position
  if (reachedPast !== undefined) return reachedPast.length === 0 ? 'door' : reachedPast.map(indexOf)
  if (isDriversPlace(vehicle, position)) return 'door'
  if (doorSide === 'left' || doorSide === 'right' || doorSide === 'both') return 'door'
  if (side !== 'centre') return doorSide === 'none' ? 'unknown' : 'door'
  const beside = neighboursOf(vehicle, position)
  return beside.length === 0 ? 'unknown' : beside.map((p) => indexOf(p.id))
}

export function placesOf(vehicle: Vehicle): readonly Place[] {
  const { positions } = vehicle
  const indexOf = (id: string): number => positions.findIndex((p) => p.id === id)
  return positions.map((position, index): Place => {
    const inRow = positions.filter((p) => p.row === position.row).toSorted(byTurn)
    const trim = vehicle.rows?.find((r) => r.row === position.row)
    const hasAirbag = position.frontAirbag === undefined ? position.row === 1 : position.frontAirbag !== 'none'
    return {
      position,
      index,
      row: position.row,
      turn: inRow.indexOf(position),
      centreMm: position.lateralCentreMm,
      buckles: bucklesOf(position),
      reached: reachedOf(vehicle, position, indexOf),
      airbagOf: position.airbagOf !== undefined ? indexOf(position.airbagOf) : hasAirbag ? index : undefined,
      trimLeftMm: trim?.trimLeftMm,
      trimRightMm: trim?.trimRightMm,
      behind: position.row === 2 ? seatsInFront(vehicle, position).map((p) => indexOf(p.id)) : [],
    }
  })
}

export function sharingOf(vehicle: Vehicle): readonly Sharing[] {
  const indexOf = (id: string): number => vehicle.positions.findIndex((p) => p.id === id)
  return vehicle.positions.flatMap((p, place) =>
    (p.sharedWith ?? []).map(({ part, positionId }) => ({ part, place, other: indexOf(positionId) })),
  )
}

/** A gap of nothing is touch, and none where touch is not allowed: the least that is more. */
const MORE_THAN_TOUCH_MM = 1e-3

/**
 * How the front seats before a rearward shell may stand, as travel from fully
 * back. Empty where nothing stands before it that can be moved, or where its
 * reach is not known: then its own rule asks for it.
 */
export function travelOf(vehicle: Vehicle, place: Place, mode: Mode, route: Route): readonly SeatTravel[] {
  const { position, behind } = place
  if (mode.direction !== 'rearward' || behind.length === 0 || route.frontSeat === undefined) return []
  const reach = isReachKnown(mode, route, position) ? reachesMm(mode, route, position) : undefined
  if (reach === undefined) return []
  const { least, most } = reach
  const track = position.frontSeatRangeMm
  const tallest = toInterval(position.frontClearanceMm)
  if (track === undefined) {
    if (tallest === undefined) return []
    const need = 'position.frontSeatRangeMm'
    const openFact: Fact = {
      key: `${need} ${vehicle.id} ${position.id}`,
      need,
      vehicleId: vehicle.id,
      positionId: position.id,
    }
    const anywhere = { lo: 0, hi: Infinity }
    return behind.map((seat) => ({ seat, certain: anywhere, possible: anywhere, driverMm: undefined, openFact }))
  }
  const { fullyBackMm, fullyForwardMm } = track
  const end = fullyForwardMm - fullyBackMm
  const gap = route.frontSeat === 'must-not-touch' ? MORE_THAN_TOUCH_MM : 0
  const isTouching = route.frontSeat === 'must-touch'
  const certain = {
    lo: least.hi - fullyBackMm + gap,
    hi: isTouching ? Math.min(end, Math.max(most.lo, least.hi) - fullyBackMm) : end,
  }
  const possible = {
    lo: least.lo - fullyBackMm + gap,
    hi: isTouching ? Math.min(end, most.hi - fullyBackMm) : end,
  }
  const driverMm = tallest && { lo: tallest.lo - fullyBackMm, hi: tallest.hi - fullyBackMm }
  return behind.map((seat) => ({ seat, certain, possible, driverMm, openFact: undefined }))
}

/**
 * Where the head of one that lies across two places comes to lie: towards the
 * middle of the car; of two places alone, at an end without a door.
 * `undecided` where nobody has said where the doors are.
 */
export function headInboard(vehicle: Vehicle, a: SeatingPosition, b: SeatingPosition): 'pass' | 'fail' | 'undecided' {
  if (vehicle.positions.filter((p) => p.row === a.row).length > 2) return 'pass'
  const doors = [a, b].map((p) => p.doorSide)
  if (doors.some((d) => d === 'none')) return 'pass'
  return doors.every((d) => d !== undefined) ? 'fail' : 'undecided'
}
