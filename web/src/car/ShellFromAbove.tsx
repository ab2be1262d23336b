import type { Stand } from '@nimble-anchor/core/arrange'
import type { Mode } from '@nimble-anchor/core/restraint'
import type { SeatOnPlan } from '@nimble-anchor/core/vehicle'

export interface ShellLook {
  readonly id: string
  readonly seat: SeatOnPlan
  readonly second: SeatOnPlan | undefined
  readonly direction: Mode['direction']
  readonly stand: Stand | undefined
}

/** Of no record: how far a shell reaches from the backrest, in mm. It serves the drawing, never a judgement. */
const USUAL_REACH_MM = { rearward: 620, forward: 520, lateral: 450 } as const
const USUAL_HALF_MM = 220

/** Widest to one side where it is known; what is not known is drawn as usual. */
const halfAt = (stand: Stand | undefined, points: readonly (keyof Stand['widths'])[], side: 'leftMm' | 'rightMm') => {
  const widths = points.flatMap((p) => stand?.widths[p]?.[side] ?? [])
  return widths.length === 0 ? USUAL_HALF_MM : Math.max(...widths)
}

/** A restraint from above as wide as it is at the backrest and at its front, with the child's head in it. */
export function ShellFromAbove({ seat, second, direction, stand, isQuiet }: ShellLook & { readonly isQuiet: boolean }) {
  const x = (stand?.centreMm ?? (second === undefined ? seat.x : (seat.x + second.x) / 2)) + (stand?.shiftMm ?? 0)
  const back = seat.backY
  const front = back - USUAL_REACH_MM[direction]
  const at = (depth: 'Back' | 'Front', side: 'leftMm' | 'rightMm') =>
    halfAt(stand, [`hip${depth}`, `shoulder${depth}`, `head${depth}`], side)
  const head = direction === 'rearward' ? front + 200 : back - 190
  const opacity = isQuiet ? 0.45 : 0.92
  if (direction === 'lateral') {
    const reach = Math.max(320, Math.abs((second?.x ?? seat.x) - seat.x) / 2 + 180)
    // Towards the middle of the car.
    const inboard = x < 0 ? 1 : -1
    return (
      <g opacity={opacity} stroke="var(--ink)" strokeWidth="12">
        <rect x={x - reach} y={back - 430} width={reach * 2} height={400} rx="150" fill="var(--shoal-deep)" />
        <circle cx={x + inboard * (reach - 170)} cy={back - 230} r="80" fill="var(--buff)" />
      </g>
    )
  }
  const d = [
    `M${x - at('Back', 'leftMm')} ${back - 40}`,
    `Q${x} ${back + 20} ${x + at('Back', 'rightMm')} ${back - 40}`,
    `L${x + at('Front', 'rightMm')} ${front + 90}`,
    `Q${x} ${front - 60} ${x - at('Front', 'leftMm')} ${front + 90}Z`,
  ].join('')
  return (
    <g opacity={opacity} stroke="var(--ink)" strokeWidth="12">
      <path d={d} fill="var(--shoal-deep)" />
      <circle cx={x} cy={head} r="80" fill="var(--buff)" />
      <path
        d={direction === 'rearward' ? `M${x - 45} ${head + 105}l45 50 45-50` : `M${x - 45} ${head - 105}l45-50 45 50`}
        fill="none"
        strokeWidth="16"
      />
    </g>
  )
}
