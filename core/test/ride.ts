import type { Case, Mode, OtherOfRide, SeatingPosition } from '../src/index.ts'
import { buildPosition } from './build.ts'

/** Rides for tests: a row of three, and what stands on its places. */

export const half = (mm: number): NonNullable<Mode['halfWidths']> => {
  const at = { leftMm: mm, rightMm: mm }
  return { hipBack: at, hipFront: at, shoulderBack: at, shoulderFront: at, headBack: at, headFront: at }
}
const exactly = (mm: number) => ({ lo: mm, hi: mm })
const AT = (mm: number) => ({ left: exactly(mm), right: exactly(mm), isStated: true })

/** Somebody who rides at the middle of the row, so wide at every height. */
export const other = (halfMm: number | undefined, over: Partial<OtherOfRide> = {}): OtherOfRide => ({
  id: 'wren-fitting',
  kind: 'child',
  positionIds: ['rear-centre'],
  ...(halfMm !== undefined && {
    widths: {
      hipBack: AT(halfMm),
      hipFront: AT(halfMm),
      shoulderBack: AT(halfMm),
      shoulderFront: AT(halfMm),
      headBack: AT(halfMm),
      headFront: AT(halfMm),
    },
  }),
  playMm: 0,
  needsHand: false,
  holdsSeatBack: true,
  ...over,
})

/** The two places beside `buildPosition()`, and the seat before it. */
export const REST_OF_CAR: readonly SeatingPosition[] = [
  buildPosition({ id: 'rear-centre', label: 'Rear middle', side: 'centre', lateralCentreMm: 0 }),
  buildPosition({ id: 'rear-right', label: 'Rear right', side: 'right', lateralCentreMm: 380 }),
  buildPosition({ id: 'front-left', label: 'Front passenger', row: 1, lateralCentreMm: -380 }),
  buildPosition({ id: 'driver', label: 'Driver', row: 1, side: 'right', lateralCentreMm: 380, isDriverSeat: true }),
]

export const inRide = (c: Case, others: readonly OtherOfRide[], own?: NonNullable<Case['ride']>['own']): Case => ({
  ...c,
  // What is said of itself is said of what is chosen, as the door writes it.
  ride: {
    id: 'ride-1',
    others: [...others],
    ...(own && {
      own: { of: { modelId: c.choice.modelId, modeId: c.choice.modeId, positionId: c.choice.positionId }, ...own },
    }),
  },
})
