import type { Point } from '@nimble-anchor/core/bench'
import { createContext, useContext } from 'react'
import { MarkShape, type MarkState } from '../../../ui/StateMark.tsx'
import type { View } from './frame.ts'
import { MARK_INK } from './marks.ts'

/** What is in view, and mm of the section in one pixel of the screen. */
export const Frame = createContext<{ readonly view: View; readonly px: number }>({
  view: { x: 0, y: 0, width: 1, height: 1 },
  px: 1,
})

interface LabelProps {
  /** In mm of the section. */
  readonly at: Point
  readonly text: string
  readonly mark: MarkState
  readonly anchor?: 'start' | 'middle' | 'end'
}

const TEXT_PX = 13

/** A figure on the drawing with its mark; a plate behind it keeps lines from crossing it. */
export function DrawnLabel({ at, text, mark, anchor = 'middle' }: LabelProps) {
  const { view, px } = useContext(Frame)
  const size = TEXT_PX * px
  const markSize = size * 0.85
  // The drawing has no way to measure its own text before it is drawn: a wide estimate serves the plate.
  const textWidth = text.length * size * 0.58
  const width = textWidth + markSize * 1.5
  // A figure never runs out of the picture: it is moved in from its edge.
  const keep = (x: number, low: number, high: number): number => Math.max(low, Math.min(x, high))
  const pad = size * 0.35
  const left = keep(
    at.x - (anchor === 'middle' ? width / 2 : anchor === 'end' ? width : 0),
    view.x + pad,
    view.x + view.width - width - pad,
  )
  const y = keep(-at.y, view.y + size, view.y + view.height - size)
  return (
    <g>
      <rect
        x={left - size * 0.25}
        y={y - size * 0.78}
        width={width + size * 0.5}
        height={size * 1.5}
        rx={size * 0.2}
        fill="var(--sheet)"
        opacity="0.880"
      />
      <MarkShape state={mark} x={left} y={y - markSize * 0.5} size={markSize} />
      <text
        x={left + markSize * 1.35}
        y={y + size * 0.34}
        fontSize={size}
        fontWeight="700"
        fill={mark === 'fail' || mark === 'undecided' ? MARK_INK[mark] : 'var(--ink)'}
      >
        {text}
      </text>
    </g>
  )
}

interface DimensionProps extends Omit<LabelProps, 'at'> {
  readonly from: Point
  readonly to: Point
  /** Where the figure stands; the middle of the line where it is not said. */
  readonly labelAt?: Point
}

/** A dimension line with a tick at each end and its figure. */
export function Dimension({ from, to, labelAt, mark, ...rest }: DimensionProps) {
  const { px } = useContext(Frame)
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1
  const tick = 6 * px
  const nx = (-(to.y - from.y) / length) * tick
  const ny = ((to.x - from.x) / length) * tick
  const end = (p: Point): string =>
    `M${(p.x - nx).toFixed(1)} ${(-(p.y - ny)).toFixed(1)}L${(p.x + nx).toFixed(1)} ${(-(p.y + ny)).toFixed(1)}`
  const line = `M${from.x.toFixed(1)} ${(-from.y).toFixed(1)}L${to.x.toFixed(1)} ${(-to.y).toFixed(1)}`
  return (
    <g>
      <path
        d={`${line}${end(from)}${end(to)}`}
        fill="none"
        stroke={MARK_INK[mark]}
        strokeWidth={(mark === 'fail' ? 3 : 1.6) * px}
      />
      <DrawnLabel {...rest} mark={mark} at={labelAt ?? { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }} />
    </g>
  )
}
