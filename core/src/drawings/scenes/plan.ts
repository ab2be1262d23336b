import type { Direction } from '../../restraint/index.ts'
import type { DrawnWords, Shape } from '../drawing.ts'
import { area, arrow, bothWays, box, dashed, line, ring, stroke, word } from '../pen.ts'

/** One place seen from above, the front of the car upward: left is left. */
export interface Plan {
  readonly focus: 'head-end' | 'pod' | 'console' | 'clear' | 'place' | 'beside'
  readonly direction: Direction
  /** Where the nearer door is; not known, both or none leave it out. */
  readonly doorSide?: 'left' | 'right' | undefined
  /** On which sides others stand beside it; not said, on either. */
  readonly beside?: readonly ('left' | 'right')[] | undefined
}

/** What stands beside it on one side, and the room between. */
function neighbour(side: 'left' | 'right'): readonly Shape[] {
  const [from, to] = side === 'left' ? [6, 52] : [148, 194]
  const gap: readonly [number, number] = side === 'left' ? [52, 72] : [128, 148]
  return [
    area('thing', 'shoal', [from, 46], [to, 46], [to, 104], [from, 104]),
    ...bothWays('now', [gap[0], 60], [gap[1], 60]),
    ...bothWays('now', [gap[0], 92], [gap[1], 92]),
  ]
}

export function plan({ focus, direction, doorSide: nearer, beside = ['left', 'right'] }: Plan, words: DrawnWords): readonly Shape[] {
  // Where a neighbour stands, the door is behind it.
  const doorSide = focus === 'beside' ? undefined : nearer
  const doorX = doorSide === 'right' ? 172 : 28
  const inX = doorSide === 'right' ? 64 : 136
  const out = doorSide === 'right' ? 1 : -1
  const isAcross = direction === 'lateral'
  return [
    box('faint', 'buff', 44, 40, 112, 66),
    box('faint', 'buff', 44, 106, 112, 18),
    ...(doorSide === undefined
      ? []
      : [line('thing', [doorX, 18], [doorX, 132]), word('thing', doorX, 12, words.door)]),
    ...(isAcross
      ? [box('thing', 'sheet', 50, 56, 100, 44)]
      : [area('thing', 'sheet', [72, 46], [128, 46], [128, 104], [72, 104])]),
    ...(isAcross
      ? [ring(focus === 'head-end' ? 'now' : 'child', doorSide === undefined ? 70 : inX, 78, 11), line('child', [inX - out * -14, 78], [doorX - out * 30, 78])]
      : [ring('child', 100, direction === 'rearward' ? 62 : 88, 11)]),
    ...(focus === 'head-end' && doorSide !== undefined ? arrow('now', [doorX - out * 34, 46], [inX, 46]) : []),
    ...(focus === 'pod'
      ? [
          stroke('now', out < 0 ? 'M72 60h-14v22h14' : 'M128 60h14v22h-14', { ground: 'sheet' }),
          ...arrow('now', [100 + out * 18, 118], [100 + out * 48, 90]),
          stroke('faint', out < 0 ? 'M128 60h3v22h-3' : 'M72 60h-3v22h3'),
        ]
      : []),
    ...(focus === 'console'
      ? [box('now', 'sheet', 82, 12, 36, 22), ...arrow('now', [122, 22], [168, 12]), dashed('now', [82, 12], [118, 34])]
      : []),
    ...(focus === 'clear' ? [dashed('now', [62, 38], [138, 38], [138, 112], [62, 112], [62, 38])] : []),
    ...(focus === 'beside' ? beside.flatMap(neighbour) : []),
    ...(focus === 'place' ? [box('now', 'buff', 44, 40, 112, 84)] : []),
  ]
} // prettier-ignore
