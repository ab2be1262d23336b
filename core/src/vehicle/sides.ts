import type { SeatingPosition, Vehicle } from './vehicle.ts'

type Outboard = 'left' | 'right'
const OTHER = { left: 'right', right: 'left' } as const satisfies Record<Outboard, Outboard>

/** The nearest door of a place, where there is one that is nearer; left and right as seen looking forward. */
export function doorSideOf({ side, doorSide }: SeatingPosition): Outboard | undefined {
  if (doorSide === 'left' || doorSide === 'right') return doorSide
  return side === 'centre' || doorSide === 'none' ? undefined : side
}

/** On which sides of a place its buckle may stand: an outer one inboard; of a middle one it has to be read, and may be either until then. */
export function bucklesOf(position: SeatingPosition): { readonly left: boolean; readonly right: boolean } {
  const side = position.side === 'centre' ? position.belt?.buckleSide : OTHER[position.side]
  return { left: side !== 'right', right: side !== 'left' }
}

/** Door side and buckle side said as left or right of this car; `undefined` where the place does not tell. */
export function carSideOf(
  side: 'left' | 'right' | 'centre' | 'buckle-side' | 'door-side',
  position: SeatingPosition,
): Outboard | undefined {
  if (side === 'left' || side === 'right') return side
  if (side === 'centre' || position.side === 'centre') return undefined
  // The belt of an outboard place comes from the car's side and is buckled towards its middle.
  return side === 'door-side' ? position.side : OTHER[position.side]
}

/** Whose seat a place is behind. */
export function behindWhom(position: SeatingPosition, vehicle: Vehicle): 'driver' | 'passenger' | 'both' | 'row' {
  if (position.row > 2) return 'row'
  if (position.side === 'centre') return 'both'
  return position.side === vehicle.driverSide ? 'driver' : 'passenger'
}
