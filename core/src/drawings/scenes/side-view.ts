import type { Point, Section } from '../../bench/index.ts'
import type { Direction } from '../../restraint/index.ts'
import { DRAWING_HEIGHT, DRAWING_WIDTH, type DrawnGuide } from '../drawing.ts'

/** What of the side section is looked at or done now. */
export type SideFocus =
  | 'whole'
  | 'recline'
  | 'angle'
  | 'level-line'
  | 'front-seat'
  | 'front-seat-distance'
  | 'seat-slide'
  | 'backrest-latch'
  | 'head-restraint'
  | 'gap-behind'
  | 'gap-under'
  | 'nothing-added'
  | 'push-home'
  | 'movement'
  | 'rebound-bar'
  | 'belt'
  | 'weight'
  | 'leg'
  | 'notch'
  | 'handle'
  | 'clear'
  | 'set-down'
  | 'lift'
  | 'lower-tethers'
  | 'sit'
  | 'head'
  | 'chin'
  | 'wedge'
  | 'shell-slide'
  | 'straps'
  | 'knees'
  | 'against-backrest'

export interface Side {
  readonly focus: SideFocus
  readonly section: Section
  readonly direction: Direction
  /** The figure of what is looked at, as it is read: "38°", "6 / 11". */
  readonly figure?: string | undefined
  /** What the maker or the fitting asks of it, in words. */
  readonly detail?: string | undefined
  /** The guides of the belt, in the order it meets them. */
  readonly guides?: readonly DrawnGuide[] | undefined
}

/** Left free round what is seen, on the field of the drawing. */
export const MARGIN = 10

/** What must be seen of the section for each matter; the frame is drawn round it. */
function matterOf({ focus, section: s }: Side): readonly Point[] {
  const bight = { x: 0, y: 0 }
  const restraint = [...s.shell, ...s.base, bight, { x: -120, y: 300 }]
  switch (focus) {
    case 'gap-behind':
    case 'gap-under':
    case 'nothing-added':
    case 'rebound-bar':
      return [
        { x: -140, y: 260 },
        { x: s.cushionFront.x, y: -130 },
      ]
    case 'head':
    case 'chin':
      return [...s.shell.slice(1, 6), ...(s.child ? [s.child.head, s.child.body[0] as Point] : [])]
    case 'leg':
    case 'notch':
      return [...s.base, ...s.cushion, { x: s.shellFoot.x, y: 320 }, ...(s.leg ? [s.leg.hinge, s.leg.foot] : [])]
    case 'front-seat':
    case 'front-seat-distance':
      return [...restraint, ...(s.frontSeat ? s.frontSeat.outline.slice(0, 2) : [{ x: s.shellTop.x + 160, y: 0 }])]
    case 'lower-tethers':
    case 'seat-slide':
      return [...restraint, { x: (s.frontSeat?.x ?? s.cushionFront.x + 120) + 100, y: s.floorY }]
    case 'backrest-latch':
    case 'head-restraint':
    case 'against-backrest':
      return [...restraint, ...s.backrest, ...(s.headRestraint ?? [])]
    case 'belt':
    case 'weight':
      return [...restraint, ...(s.belt ?? [])]
    case 'knees':
      return [...restraint, { x: s.cushionFront.x + 60, y: s.floorY + 60 }]
    case 'set-down':
    case 'lift':
    case 'handle':
      return [...restraint, { x: s.shellTop.x, y: s.shellTop.y + 120 }]
    default:
      return restraint
  }
}
/** Around what must be seen, in mm, so that it fills the field. */
export function windowOf(side: Side): { readonly centre: Point; readonly widthMm: number } {
  const matter = matterOf(side)
  const [xs, ys] = [matter.map((p) => p.x), matter.map((p) => p.y)]
  const [minX, maxX, minY, maxY] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const shape = (DRAWING_WIDTH - 2 * MARGIN) / (DRAWING_HEIGHT - 2 * MARGIN)
  return {
    centre: { x: (minX + maxX) / 2, y: (minY + maxY) / 2 },
    widthMm: Math.max(maxX - minX, (maxY - minY) * shape),
  }
}
