import type { Handle } from '@nimble-anchor/core/bench'
import type { KeyboardEvent, PointerEvent } from 'react'
import * as msg from './messages.en.ts'

export type StopValue = Handle['stops'][number]['value']

const HANDLE_NAME: Record<Handle['id'], string> = {
  recline: msg.recline,
  legNotch: msg.legNotch,
  wedge: msg.wedge,
  slideMm: msg.shellOnItsBase,
  frontSeatGapMm: msg.seatInFront2,
}

interface HandleProps {
  readonly handle: Handle
  readonly px: number
  readonly recommended: StopValue | undefined
  readonly stopText: (id: Handle['id'], value: StopValue) => string
  readonly onHold: (e: PointerEvent) => void
  readonly onStep: (value: StopValue) => void
}

/** What the hand can move: magenta, 44 px to touch, arrow keys for those without a pointer. */
export function DragHandle({ handle, px, recommended, stopText, onHold, onStep }: HandleProps) {
  const { id, at, stops } = handle
  const index = stops.findIndex((stop) => Math.hypot(stop.at.x - at.x, stop.at.y - at.y) < 0.5)
  const wanted = stops.find((stop) => stop.value === recommended)
  function key(e: KeyboardEvent): void {
    const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[e.key]
    if (by === undefined) return
    e.preventDefault()
    const next = stops[Math.min(Math.max((index < 0 ? 0 : index) + by, 0), stops.length - 1)]
    if (next && next.value !== stops[index]?.value) onStep(next.value)
  }
  return (
    <g>
      {wanted && (
        <circle
          cx={wanted.at.x}
          cy={-wanted.at.y}
          r={15 * px}
          fill="none"
          stroke="var(--magenta)"
          strokeWidth={1.8 * px}
          strokeDasharray={`${3.5 * px} ${3 * px}`}
        />
      )}
      <g
        role="slider"
        tabIndex={0}
        aria-label={HANDLE_NAME[id]}
        aria-valuemin={0}
        aria-valuemax={stops.length - 1}
        aria-valuenow={Math.max(index, 0)}
        aria-valuetext={index < 0 ? msg.notRecorded : stopText(id, stops[index]?.value ?? 0)}
        data-handle={id}
        className="cursor-grab touch-none outline-none [&:focus-visible>circle:last-child]:stroke-ink"
        onPointerDown={onHold}
        onKeyDown={key}
      >
        <circle cx={at.x} cy={-at.y} r={22 * px} fill="transparent" />
        <circle cx={at.x} cy={-at.y} r={8.5 * px} fill="var(--magenta)" stroke="var(--sheet)" strokeWidth={3 * px} />
      </g>
    </g>
  )
}
