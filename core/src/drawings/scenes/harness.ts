import type { Shape } from '../drawing.ts'
import { arrow, bothWays, box, finger, line, ring, stroke, word } from '../pen.ts'

/** The child in the shell, from the front. */
export interface Harness {
  readonly focus: 'seated' | 'tighten' | 'buckle' | 'slack' | 'pinch' | 'twist' | 'pressure' | 'coat' | 'coat-measure' | 'crown' | 'padding'
  readonly heldBy: 'harness' | 'shield'
  /** "≤ 15 mm", as it is read. */
  readonly figure?: string | undefined
  /** Names of the padding that is in; not known while nobody has noted it. */
  readonly inserts: readonly string[] | undefined
} // prettier-ignore

/** The child, the same in every close view from the front. */
export const childFront = (): readonly Shape[] => [
  ring('child', 100, 36, 16),
  stroke('child', 'M78 62Q100 50 122 62L118 104H82ZM82 104L72 132M118 104L128 132M78 62L66 92M122 62L134 92'),
]

export function harness({ focus, heldBy, figure, inserts }: Harness): readonly Shape[] {
  const isTight = focus === 'tighten'
  const strap = (tone: 'now' | 'belt'): readonly Shape[] => [
    line(tone, [88, 48], [87, 62], [97, 101]),
    line(tone, [112, 48], [113, 62], [103, 101]),
  ]
  const label = figure === undefined ? [] : [word('now', 196, focus === 'crown' ? 40 : 84, figure, 'end')]
  return [
    stroke('thing', 'M58 138V22Q58 6 74 6H126Q142 6 142 22V138', { ground: 'shoal' }),
    ...(focus === 'padding' || (inserts?.length ?? 0) > 0
      ? [stroke(focus === 'padding' ? 'now' : 'faint', 'M68 134V60Q68 48 78 46V22Q78 14 100 14Q122 14 122 22V46Q132 48 132 60V134')]
      : []),
    ...childFront(),
    ...(heldBy === 'shield'
      ? [box(focus === 'buckle' || isTight ? 'now' : 'thing', 'sheet', 66, 78, 68, 22)]
      : [
          ...strap(focus === 'buckle' || focus === 'padding' || focus === 'seated' || focus === 'crown' ? 'belt' : 'now'),
          line('belt', [70, 106], [94, 106]),
          line('belt', [130, 106], [106, 106]),
          line('belt', [100, 112], [100, 134]),
          box(focus === 'buckle' ? 'now' : 'thing', 'sheet', 91, 99, 18, 14),
        ]),
    ...(focus === 'seated' ? arrow('now', [100, 74], [100, 98]) : []),
    ...(focus === 'buckle' ? [...arrow('now', [150, 88], [114, 103]), ...arrow('now', [50, 88], [86, 103])] : []),
    ...(focus === 'tighten' ? arrow('now', [100, 118], [100, 138]) : []),
    ...(focus === 'slack' ? [...bothWays('now', [122, 60], [150, 50]), ...label] : []),
    ...(focus === 'pinch' ? [stroke('now', 'M154 40L124 56M154 82L124 68', { width: 8 })] : []),
    ...(focus === 'twist' ? [finger([87, 70])] : []),
    ...(focus === 'pressure' ? [...arrow('now', [58, 60], [80, 64]), ...arrow('now', [142, 60], [120, 64])] : []),
    ...(focus === 'coat' || focus === 'coat-measure'
      ? [stroke('now', 'M72 66Q100 44 128 66L140 98M72 66L60 98M100 56V108M76 110H124', { width: 2.2 }), ...label]
      : []),
    ...(focus === 'crown' ? [line('now', [52, 8], [148, 8]), ...bothWays('now', [156, 8], [156, 20]), ...label] : []),
  ]
} // prettier-ignore
