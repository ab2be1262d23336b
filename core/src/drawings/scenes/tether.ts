import type { Shape } from '../drawing.ts'
import { arrow, bad, box, dashed, good, line, ring, stroke, word, type Spot } from '../pen.ts'

type Path = 'over' | 'under' | 'round-both-sides' | 'free'
type Where = 'seat-back' | 'shelf' | 'load-floor' | 'roof' | 'under-seat'

/** The car's backrest seen from behind, with the tether strap down to its anchorage. */
export interface Tether {
  readonly focus: 'path' | 'point' | 'indicator'
  /** Its way past the head restraint; not known where nobody has read it. */
  readonly path?: Path | undefined
  /** Where the anchorage is; not known while nobody has looked. */
  readonly where?: Where | undefined
  /** What the indicator must show, as it is read. */
  readonly figure?: string | undefined
}

const ANCHOR: Record<Where, Spot> = {
  'seat-back': [100, 92],
  shelf: [100, 106],
  'load-floor': [100, 130],
  roof: [100, 8],
  'under-seat': [100, 124],
}

export function tether({ focus, path, where, figure }: Tether): readonly Shape[] {
  const anchor = ANCHOR[where ?? 'seat-back']
  const isBehind = path === undefined || path === 'under' || path === 'free'
  const tone = focus === 'path' ? 'now' : 'belt'
  const straps: Record<Path, readonly Spot[][]> = {
    over: [[[100, 6], [100, 12], anchor]],
    under: [[[100, 30], anchor]],
    'round-both-sides': [[[76, 24], [76, 40], [100, 64], anchor], [[124, 24], [124, 40], [100, 64], anchor]],
    free: [[[100, 42], anchor]],
  } // prettier-ignore
  return [
    box('faint', 'buff', 46, 36, 108, 84),
    line('faint', [92, 36], [92, 26]),
    line('faint', [108, 36], [108, 26]),
    // Under it the strap goes behind the head restraint, over it before.
    ...(isBehind ? [] : [box('faint', 'buff', 80, 8, 40, 20)]),
    ...(path === undefined
      ? [dashed(tone, ...(straps.free[0] ?? []))]
      : straps[path].map((spots) => line(tone, ...spots))),
    ...(isBehind ? [box('faint', 'buff', 80, 8, 40, 20)] : []),
    ring(focus === 'point' ? 'now' : 'thing', anchor[0], anchor[1], 6, 'sheet'),
    ...(focus === 'point'
      ? [
          ...arrow('now', [140, anchor[1] - 12], [110, anchor[1] - 3]),
          // The marked anchorage, and the loose ring that only looks like one.
          stroke('thing', 'M164 30h24M170 30v-8a6 6 0 0 1 12 0v8'),
          ...good(176, 44, 6),
          ring('thing', 176, 84, 9),
          ...bad(176, 106, 6),
        ]
      : []),
    ...(focus === 'indicator'
      ? [
          box('now', 'sheet', 88, 68, 24, 14),
          box('good', 'good', 91, 71, 12, 8),
          ...(figure === undefined ? [] : [word('now', 120, 79, figure, 'start')]),
        ]
      : []),
  ]
}
