import type { Shape } from '../drawing.ts'
import { arrow, bad, box, dashed, good, line, ring, stroke, word } from '../pen.ts'

/** The foot of the support leg on the floor of the car. */
export interface Foot {
  readonly focus: 'contact' | 'window' | 'box'
  /** "6 / 11", where a notch is set or worked out. */
  readonly figure?: string | undefined
  /** A mat that the maker and handbook let stay. */
  readonly matMayStay: boolean
}

export function foot({ focus, figure, matMayStay }: Foot): readonly Shape[] {
  const floorY = 112
  return [
    line('thing', [0, floorY], [200, floorY]),
    line('faint', [0, floorY + 8], [200, floorY + 8]),
    ...(focus === 'box'
      ? [box('now', 'sheet', 58, floorY, 92, 24), dashed('now', [70, floorY + 4], [70, 134]), dashed('now', [104, floorY + 4], [104, 134]), dashed('now', [138, floorY + 4], [138, 134]), ...arrow('now', [170, 96], [150, floorY + 2])]
      : []),
    // The leg: an outer tube, the inner one with its notches, and the foot.
    box('thing', 'sheet', 88, 4, 26, 44),
    box(focus === 'contact' ? 'now' : 'thing', 'sheet', 92, 48, 18, 50),
    ...Array.from({ length: 5 }, (_, i) => ring('thing', 101, 54 + i * 9, 1.8)),
    stroke(focus === 'contact' ? 'now' : 'thing', `M70 ${floorY}q0 -14 16 -14h30q16 0 16 14Z`, { ground: 'sheet' }),
    ...(focus === 'contact' ? [...arrow('now', [144, 74], [126, 96]), ...(matMayStay ? [] : [stroke('faint', `M22 ${floorY - 3}q8 -5 16 0t16 0`), ...bad(38, floorY - 18, 7)])] : []),
    ...(focus === 'window'
      ? [ring('now', 101, 105, 4.5, 'good'), ring('thing', 160, 30, 9, 'good'), ...good(178, 30, 6), ring('thing', 160, 60, 9), ...bad(178, 60, 6)]
      : []),
    ...(figure === undefined ? [] : [word('now', 74, 32, figure, 'end')]),
  ]
} // prettier-ignore
