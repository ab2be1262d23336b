import type { SeatingPosition, Vehicle } from './vehicle.ts'
import * as msg from './messages.en.ts'

const OTHER_SIDE = { left: 'right', right: 'left', centre: 'centre' } as const
const OTHER_DOOR = { left: 'right', right: 'left', both: 'both', none: 'none' } as const
const swapWords = (text: string): string =>
  text.replace(/\b(left|right)\b/gi, (word) => {
    const other = word.toLowerCase() === 'left' ? 'right' : 'left'
    return word.charAt(0) === word.charAt(0).toUpperCase() ? other.charAt(0).toUpperCase() + other.slice(1) : other
  })

/** The same place on the other side of the car, with everything that has a side turned over. */
export function mirrored(p: SeatingPosition, id: string): SeatingPosition {
  // What names other places of this side is to be read anew on the other.
  const { airbagOf: _airbagOf, reachedPast: _reachedPast, sharedWith: _sharedWith, ...own } = p
  return {
    ...own,
    id,
    label: swapWords(p.label),
    side: OTHER_SIDE[p.side],
    // Never −0, which a file would keep.
    ...(p.lateralCentreMm !== undefined && { lateralCentreMm: p.lateralCentreMm === 0 ? 0 : -p.lateralCentreMm }),
    ...(p.doorSide && { doorSide: OTHER_DOOR[p.doorSide] }),
    ...(p.isofix?.easierSide && { isofix: { ...p.isofix, easierSide: OTHER_SIDE[p.isofix.easierSide] } }),
    ...(p.belt?.buckleSide && { belt: { ...p.belt, buckleSide: OTHER_SIDE[p.belt.buckleSide] } }),
    ...(p.lowerTetherPoints && {
      lowerTetherPoints: p.lowerTetherPoints.map((t) => ({ ...t, side: OTHER_SIDE[t.side] })),
    }),
  }
}

const place = (id: string, label: string, row: number, side: SeatingPosition['side']): SeatingPosition => ({
  id,
  label,
  row,
  side,
})

const rowOf = (row: number, id: string, name: string, seats: 2 | 3): readonly SeatingPosition[] => [
  place(`${id}-left`, msg.leftOf(name), row, 'left'),
  ...(seats === 3 ? [place(`${id}-middle`, msg.middleOf(name), row, 'centre')] : []),
  place(`${id}-right`, msg.rightOf(name), row, 'right'),
]

export const LAYOUTS = {
  'five-seater': { label: msg.fiveSeater, rows: [rowOf(1, 'front', msg.front, 2), rowOf(2, 'rear', msg.rear, 3)] },
  'seven-seater': {
    label: msg.sevenSeater,
    rows: [
      rowOf(1, 'front', msg.front, 2),
      rowOf(2, 'second-row', msg.secondRow, 3),
      rowOf(3, 'third-row', msg.thirdRow, 2),
    ],
  },
  'two-seat-van': { label: msg.twoSeatVan, rows: [rowOf(1, 'front', msg.front, 2)] },
  'twin-cab': { label: msg.twinCab, rows: [rowOf(1, 'front', msg.front, 2), rowOf(2, 'rear', msg.rear, 3)] },
} as const satisfies Record<string, { readonly label: string; readonly rows: readonly (readonly SeatingPosition[])[] }>
export type LayoutName = keyof typeof LAYOUTS

/** Places of a common layout: row and side and no figure; every other fact is still to be looked at. */
export function layoutPositions(
  layout: LayoutName,
  driverSide: Vehicle['driverSide'] | undefined,
): readonly SeatingPosition[] {
  return LAYOUTS[layout].rows
    .flat()
    .map((p) => (p.row === 1 && p.side === driverSide ? { ...p, isDriverSeat: true } : p))
}
