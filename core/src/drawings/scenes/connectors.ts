import type { DrawnWords, Shape } from '../drawing.ts'
import { area, arrow, bad, box, good, line, ring, word } from '../pen.ts'

/** Both connectors at their bars, seen from above, the front of the car upward: left is left. */
export interface Connectors {
  readonly focus: 'push' | 'window' | 'tug' | 'straps'
  readonly side: 'left' | 'right' | 'both'
  readonly connectors: 'rigid' | 'strap'
  /** The bar that is easier to reach: latched first. */
  readonly easierSide?: 'left' | 'right' | undefined
}

const X = { left: 48, right: 112 } as const

export function connectors(
  { focus, side, connectors: kind, easierSide }: Connectors,
  words: DrawnWords,
): readonly Shape[] {
  const isNow = (arm: 'left' | 'right'): boolean => side === 'both' || side === arm
  const arm = (which: 'left' | 'right'): readonly Shape[] => {
    const x = X[which]
    const tone = isNow(which) ? 'now' : 'thing'
    return [
      line('thing', [x - 13, 116], [x + 13, 116]),
      kind === 'strap'
        ? line(tone, [x, 34], [x, 104])
        : area(tone, 'sheet', [x - 7, 34], [x + 7, 34], [x + 7, 104], [x - 7, 104]),
      line(tone, [x - 7, 104], [x - 7, 122], [x + 2, 122]),
      line(tone, [x + 7, 104], [x + 7, 112]),
      ...(focus === 'window' && isNow(which) ? [ring('now', x, 72, 5, 'good')] : []),
      ...(focus === 'push' && isNow(which) ? arrow('now', [x + 18, 78], [x + 18, 108]) : []),
      ...(focus === 'tug' && isNow(which) ? arrow('now', [x + 18, 92], [x + 18, 58]) : []),
      ...(focus === 'straps' && isNow(which) ? arrow('now', [x + 16, 66], [x + 16, 40]) : []),
      word(tone, x, 138, which === easierSide && focus === 'push' ? `${words[which]} ${words.first}` : words[which]),
    ]
  }
  return [
    box('faint', 'buff', 14, 118, 132, 8),
    box('thing', 'sheet', 26, 10, 108, 26),
    ...arm('left'),
    ...arm('right'),
    ...(focus === 'window'
      ? [
          box('thing', 'sheet', 156, 18, 36, 44),
          ring('thing', 174, 34, 9, 'good'),
          ...good(186, 56, 5),
          box('thing', 'sheet', 156, 72, 36, 44),
          ring('thing', 174, 88, 9),
          ...bad(186, 110, 5),
        ]
      : []),
  ]
}
