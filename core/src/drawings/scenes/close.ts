import type { DrawnWords, Shape } from '../drawing.ts'
import { arrow, bad, bothWays, box, dashed, finger, good, line, ring, stroke, word } from '../pen.ts'

/** How the belt is held tight: at the tongue with a clip, by the seat's lock-off, or by its reel. */
export interface Lock {
  readonly focus: 'clip' | 'lock-off' | 'reel' | 'tension'
  readonly section: 'lap' | 'diagonal' | 'both'
  /** The lock-off to shut. */
  readonly side?: string | undefined
  /** "25 mm" from the tongue, as the maker gives it. */
  readonly figure?: string | undefined
}
export function lock({ focus, section, figure }: Lock): readonly Shape[] {
  const buckle = [box('thing', 'sheet', 14, 92, 26, 40), box('thing', 'sheet', 20, 78, 14, 16)]
  const [lap, diagonal] = [section !== 'diagonal', section !== 'lap']
  const belts = (isNow: boolean): readonly Shape[] => [
    line(isNow && diagonal ? 'now' : 'belt', [34, 80], [120, 44], [190, 10]),
    line(isNow && lap ? 'now' : 'belt', [34, 86], [120, 100], [190, 112]),
  ]
  switch (focus) {
    case 'clip':
      return [
        ...buckle,
        ...belts(false),
        stroke('now', section === 'lap' ? 'M78 82l-4 22h10l4 -20Z' : section === 'diagonal' ? 'M74 54l10 20l10 -4l-10 -20Z' : 'M74 52v52h10V48Z', { ground: 'sheet' }),
        ...bothWays('now', [38, 120], [78, 120]),
        ...(figure === undefined ? [] : [word('now', 86, 134, figure, 'start')]),
        ...arrow('now', [120, 76], [92, 78]),
      ]
    case 'lock-off':
      return [
        ...buckle,
        ...belts(true),
        box('now', 'sheet', section === 'lap' ? 96 : 98, section === 'lap' ? 88 : 38, 26, 24),
        ...arrow('now', [150, 70], [124, section === 'lap' ? 94 : 56]),
      ]
    case 'reel':
      return [
        box('thing', 'sheet', 74, 84, 52, 46),
        ring('thing', 100, 107, 16),
        ring('thing', 100, 107, 8),
        stroke('belt', 'M84 107V12'),
        ...arrow('now', [62, 66], [62, 18]),
        ...arrow('now', [112, 30], [112, 66]),
      ]
    case 'tension':
      return [...buckle, ...belts(true), finger([130, 96]), ...arrow('now', [56, 58], [96, 40])]
  }
} // prettier-ignore

/** The car's buckle beside the edge of the belt path. */
export interface Buckle {
  readonly focus: 'clear' | 'height'
  readonly figure?: string | undefined
}
export function buckle({ focus, figure }: Buckle): readonly Shape[] {
  const one = (x: number, buckleTop: number): readonly Shape[] => [
    stroke('thing', `M${x} 60h34v76h-34Z`, { ground: 'shoal' }),
    line('belt', [x + 64, 20], [x + 50, buckleTop]),
    box('now', 'sheet', x + 40, buckleTop, 20, 34),
    line('thing', [x + 50, buckleTop + 34], [x + 50, 136]),
  ]
  return focus === 'height'
    ? [
        ...one(50, 84),
        dashed('now', [50, 60], [136, 60]),
        ...bothWays('now', [128, 62], [128, 84]),
        ...(figure === undefined ? [] : [word('now', 138, 76, figure, 'start')]),
      ]
    : [
        ...one(14, 84),
        ...good(82, 124, 7),
        stroke('thing', 'M114 60h34v76h-34Z', { ground: 'shoal' }),
        line('belt', [178, 10], [158, 44]),
        stroke('now', 'M148 44l20 4l-6 34l-20 -4Z', { ground: 'sheet' }),
        stroke('thing', 'M152 80q-2 30 14 56'),
        ...bad(182, 124, 7),
      ]
} // prettier-ignore

/** Where the shoulder strap leaves the shell, against the shoulder, from the side of the child. */
export interface Exit {
  /** Slot of how many, from below; undefined where there are none. */
  readonly slot?: number | undefined
  readonly slots: number
  readonly figure?: string | undefined
  readonly rule: 'at-or-just-below' | 'at-or-just-above' | 'level' | 'level-or-just-under'
}
export function exit({ slot, slots, figure, rule }: Exit): readonly Shape[] {
  const shoulderY = 70
  const exitY = rule.endsWith('above') ? shoulderY - 8 : rule === 'level' ? shoulderY : shoulderY + 8
  const step = 20
  return [
    stroke('thing', 'M64 6H82V136H64Z', { ground: 'shoal' }),
    // Slots below and above the one in use.
    ...Array.from({ length: slots }, (_, i) => exitY + ((slot ?? 1) - 1 - i) * step)
      .filter((y) => y > 10 && y < 134)
      .map((y) => line('thing', [66, y], [80, y])),
    ring('child', 132, 34, 20),
    stroke('child', 'M108 136V84Q108 70 124 66H142Q156 70 156 88V136'),
    line('now', [66, exitY], [84, exitY], [120, shoulderY - 4], [144, 92], [146, 132]),
    dashed('child', [88, shoulderY], [174, shoulderY]),
    ...(figure === undefined ? [] : [word('now', 60, exitY + 4, figure, 'end')]),
  ]
} // prettier-ignore

/** A strap laid flat, and one with a turn in it. */
export const twist = (): readonly Shape[] => [
  stroke('thing', 'M30 10h22v112h-22Z', { ground: 'shoal' }),
  ...good(41, 132, 7),
  stroke('now', 'M128 10h22L141 66h-4ZM137 66h4L150 122h-22Z', { ground: 'sheet', width: 2.2 }),
  ...bad(139, 132, 7),
  finger([90, 74]),
]

/** The approval label beside the serial on the shell. */
export interface Label {
  readonly regulation: string
  readonly serial?: string | undefined
}
export const label = ({ regulation, serial }: Label): readonly Shape[] => [
  stroke('thing', 'M22 10H178Q186 10 186 18V122Q186 130 178 130H22Q14 130 14 122V18Q14 10 22 10Z', { ground: 'shoal' }),
  box('now', 'sheet', 30, 26, 84, 54),
  word('now', 72, 58, regulation),
  line('faint', [38, 68], [106, 68]),
  box('now', 'sheet', 30, 94, 140, 22),
  word('now', 100, 109, serial ?? '?'),
  ...[0, 1, 2, 3, 4, 5, 6].map((i) => line('thing', [126 + i * 6, 30], [126 + i * 6, 76])),
]

/** The lamp on the dashboard that says how the airbag is set. */
export interface Lamp {
  readonly mustBe: 'off' | 'on' | 'as-stated'
}
export const lamp = ({ mustBe }: Lamp, words: DrawnWords): readonly Shape[] => [
  stroke('thing', 'M8 84Q40 44 100 44T192 84V132H8Z', { ground: 'shoal' }),
  ring('thing', 40, 96, 22),
  box('now', 'sheet', 88, 64, 66, 30),
  ring('now', 104, 79, 8, mustBe === 'as-stated' ? 'sheet' : 'now'),
  word('now', 132, 84, mustBe === 'as-stated' ? '?' : words[mustBe]),
]

/** The car's own shell turned on its base: from above, with its lock. */
export interface Turn {
  readonly focus: 'lock' | 'guard'
  readonly direction: 'rearward' | 'forward' | 'lateral'
}
export function turn({ focus, direction }: Turn): readonly Shape[] {
  const headY = direction === 'rearward' ? 44 : 96
  return [
    box('faint', 'buff', 30, 116, 140, 16),
    box('thing', 'sheet', 62, 24, 76, 90),
    ring('thing', 100, 70, 40, 'shoal'),
    ring('child', 100, headY, 12),
    line('child', [100, headY + (headY > 70 ? -14 : 14)], [100, headY > 70 ? 46 : 94]),
    ...(focus === 'lock'
      ? [stroke('now', 'M146 44A52 52 0 0 1 146 96M152 52l-6 -8l-9 4'), box('now', 'sheet', 92, 106, 16, 12), ...good(124, 114, 6), ...bad(160, 70, 6)]
      : [line('now', [76, 112], [124, 112]), stroke('now', 'M40 70a60 60 0 0 0 20 44M52 112l9 3l3 -9'), ...bad(40, 58, 6)]),
  ]
} // prettier-ignore

/** The shell seen from the side at its carrying handle. */
export const handle = (): readonly Shape[] => [
  stroke('thing', 'M40 70Q40 124 100 124Q160 124 160 70Z', { ground: 'shoal' }),
  ring('child', 124, 66, 16),
  stroke('now', 'M46 74Q44 14 100 14Q156 14 154 74'),
  stroke('faint', 'M46 74Q8 70 14 26'),
]
