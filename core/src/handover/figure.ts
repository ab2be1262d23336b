/** Small line drawings beside the settings to remember, as SVG path data on a field of 48 × 48. */
export type Figure =
  | {
      readonly kind: 'recline'
      readonly fromVerticalDeg: number
      readonly direction: 'rearward' | 'forward' | 'lateral'
    }
  | { readonly kind: 'slots'; readonly count: number; readonly at: number }
  | { readonly kind: 'height'; readonly share: number }
  | { readonly kind: 'leg'; readonly share: number }
  | { readonly kind: 'tether'; readonly path: 'over' | 'under' | 'round-both-sides' | 'free' }
  | { readonly kind: 'handle' }
  | { readonly kind: 'pod'; readonly side: 'left' | 'right' }

export const FIGURE_SIZE = 48

interface FigurePart {
  readonly d: string
  /** `thing`: what is there; `mark`: what is set, and must be found again. */
  readonly look: 'thing' | 'mark'
}

const thing = (d: string): FigurePart => ({ d, look: 'thing' })
const mark = (d: string): FigurePart => ({ d, look: 'mark' })
const r = (x: number): number => Math.round(x * 10) / 10

/** A shell from the side on the car's seat (its backrest to the left): the back as steep as it stands. */
function reclineParts(fromVerticalDeg: number, isRearward: boolean): readonly FigurePart[] {
  const a = (fromVerticalDeg * Math.PI) / 180
  const turn = isRearward ? 1 : -1
  const foot = isRearward ? { x: 18, y: 36 } : { x: 26, y: 37 }
  const top = { x: foot.x + turn * 26 * Math.sin(a), y: foot.y - 26 * Math.cos(a) }
  // A rearward child's legs lie towards the car's backrest, a forward one's away from it.
  const knees = isRearward ? { x: 9, y: 28 } : { x: 42, y: 34 }
  return [
    thing(`M3 6L6 42H45M${foot.x} ${foot.y}V12M${knees.x} ${knees.y}L${foot.x} ${foot.y}`),
    mark(`M${foot.x} ${foot.y}L${r(top.x)} ${r(top.y)}`),
    // The angle between the vertical and the back: what is set.
    mark(
      `M${foot.x} ${foot.y - 18}A18 18 0 0 ${isRearward ? 1 : 0} ${r(foot.x + turn * 18 * Math.sin(a))} ${r(foot.y - 18 * Math.cos(a))}`,
    ),
  ]
}

/** The parts of one drawing, in the order they are drawn. */
export function figureParts(f: Figure): readonly FigurePart[] {
  switch (f.kind) {
    case 'recline':
      return reclineParts(f.fromVerticalDeg, f.direction !== 'forward')
    case 'slots': {
      const step = 34 / Math.max(1, f.count - 1)
      const y = (i: number): number => r(41 - i * step)
      const slot = (i: number): string => `M16 ${y(i)}H21M27 ${y(i)}H32`
      return [
        thing('M9 45V7Q9 3 13 3H35Q39 3 39 7V45'),
        ...Array.from({ length: f.count }, (_, i) => thing(slot(i))),
        ...(f.at >= 0 ? [mark(`M12 ${y(f.at)}H22M26 ${y(f.at)}H36`)] : []),
      ]
    }
    case 'height': {
      const y = r(41 - 34 * Math.min(1, Math.max(0, f.share)))
      return [thing('M9 45V7Q9 3 13 3H35Q39 3 39 7V45M24 41V7'), mark(`M14 ${y}H34`)]
    }
    case 'leg': {
      const y = r(22 + 20 * Math.min(1, Math.max(0, f.share)))
      return [thing('M4 12H26V20M4 44H44M30 20V42'), mark(`M26 18V${y}M20 ${y}H32`)]
    }
    case 'tether': {
      const head = 'M28 12H36V24H28ZM32 24V30'
      const path = {
        over: 'M12 30L30 10Q36 8 40 16L44 40',
        under: 'M12 30L32 27L44 40',
        'round-both-sides': 'M12 30L26 20M12 30L26 27M38 20L44 40M38 27L44 40',
        free: 'M12 30L44 40',
      }[f.path]
      return [thing(`M26 30H40V44M8 44V26H14${head}`), mark(path)]
    }
    case 'handle':
      return [thing('M8 26Q8 42 24 42Q40 42 40 26Z'), mark('M10 26Q10 6 24 6Q38 6 38 26')]
    case 'pod':
      return [thing('M14 6H34V44H14Z'), mark(f.side === 'left' ? 'M14 16H6V30H14' : 'M34 16H42V30H34')]
  }
}
