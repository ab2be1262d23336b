import type { DrawnGuide, Shape } from '../drawing.ts'
import { arrow, bad, bothWays, box, good, guideDot, line, ring, stroke, word } from '../pen.ts'
import { childFront } from './harness.ts'

/** A child held by the car's belt, from the front: the child's left is on the right of the drawing. */
export interface Booster {
  readonly focus: 'whole' | 'guides' | 'diagonal' | 'lap' | 'buckle' | 'guide-height' | 'guide-set' | 'gate' | 'slack' | 'runs' | 'twist' | 'crotch'
  readonly hasBack: boolean
  /** The shoulder that the diagonal crosses: that of the car's side; not known on a middle place. */
  readonly shoulder?: 'left' | 'right' | undefined
  /** The guides in the order the belt meets them, each as it is called. */
  readonly guides: readonly DrawnGuide[]
  readonly figure?: string | undefined
} // prettier-ignore

export function booster({ focus, hasBack, shoulder, guides, figure }: Booster): readonly Shape[] {
  // Drawn for the child's left shoulder; the other way round it is mirrored.
  const m = shoulder === 'right' ? (x: number): number => 200 - x : (x: number): number => x
  const belt = (isNow: boolean): 'now' | 'belt' => (isNow ? 'now' : 'belt')
  const isDiagonal = ['whole', 'guides', 'diagonal', 'slack', 'runs', 'twist'].includes(focus)
  const isLap = ['whole', 'guides', 'lap', 'slack', 'twist', 'crotch'].includes(focus)
  const label = figure === undefined ? [] : [word('now', m(196), 84, figure, shoulder === 'right' ? 'start' : 'end')]
  return [
    ...(hasBack ? [stroke('thing', 'M60 112V20Q60 6 76 6H124Q140 6 140 20V112', { ground: 'shoal' })] : []),
    box('thing', 'sheet', 52, 112, 96, 22),
    ...childFront(),
    line('thing', [54, 112], [54, 96], [66, 96]),
    line('thing', [146, 112], [146, 96], [134, 96]),
    line(belt(isDiagonal), [m(166), 4], [m(132), 46], [m(112), 60], [m(74), 108]),
    line(belt(isLap), [m(138), 112], [m(120), 106], [m(80), 106], [m(66), 112]),
    box(focus === 'buckle' ? 'now' : 'thing', 'sheet', Math.min(m(62), m(74)), 104, 12, 18),
    ...(hasBack ? [ring(focus === 'gate' || focus === 'guide-height' || focus === 'guide-set' ? 'now' : 'thing', m(134), 45, 6, 'sheet')] : []),
    ...(focus === 'guides' ? guides.slice(0, SPOTS.length).flatMap((guide, i) => guideDot(guide, i, [m(SPOTS[i]?.[0] ?? 0), SPOTS[i]?.[1] ?? 0])) : []),
    ...(focus === 'diagonal' ? [...good(m(112), 60, 6), ...bad(m(96), 52, 5), ...bad(m(130), 70, 5)] : []),
    ...(focus === 'lap' ? [...arrow('now', [92, 88], [92, 103]), ...arrow('now', [108, 88], [108, 103])] : []),
    ...(focus === 'buckle' ? arrow('now', [m(40), 84], [m(64), 106]) : []),
    ...(focus === 'guide-set' ? [...bothWays('now', [m(150), 45], [m(150), 110]), ...label] : []),
    ...(focus === 'guide-height' ? [...bothWays('now', [m(150), 45], [m(150), 62]), ...label] : []),
    ...(focus === 'slack' || focus === 'runs' ? arrow('now', [m(126), 76], [m(160), 30]) : []),
    ...(focus === 'crotch' ? [ring('now', 100, 108, 8)] : []),
  ]
} // prettier-ignore

/** Where the numbers of the guides stand, from the buckle over the lap and up the diagonal. */
const SPOTS: readonly (readonly [number, number])[] = [[44, 100], [100, 124], [146, 124], [92, 78], [124, 40], [158, 26]] // prettier-ignore
