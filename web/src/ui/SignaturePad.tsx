import { SIGNATURE_FIELD } from '@nimble-anchor/core/casefile'
import { useRef, type PointerEvent } from 'react'
import { Button } from './Button.tsx'

interface Props {
  readonly label: string
  /** SVG path data on the field; empty where nothing is drawn. */
  readonly strokes: string
  readonly onChange: (strokes: string) => void
}

const { width: W, height: H } = SIGNATURE_FIELD
/** A point nearer than this to the last adds nothing that an eye could see. */
const NEAREST = 2
/** As many as a document keeps, less one point. */
const MOST = 11_980

/** A field to sign in with a finger, a pen or a mouse. Nobody has to: the typed name stands by itself. */
export function SignaturePad({ label, strokes, onChange }: Props) {
  const last = useRef<{ readonly x: number; readonly y: number } | null>(null)
  const at = (e: PointerEvent<SVGSVGElement>) => {
    const box = e.currentTarget.getBoundingClientRect()
    const clamp = (v: number, most: number): number => Math.round(Math.min(Math.max(v, 0), most))
    return {
      x: clamp(((e.clientX - box.left) / Math.max(1, box.width)) * W, W),
      y: clamp(((e.clientY - box.top) / Math.max(1, box.height)) * H, H),
    }
  }
  return (
    <div className="flex flex-col gap-1">
      <div className="flex items-center justify-between">
        <span className="text-sm font-semibold text-ink-soft">{label}, drawn (if you like)</span>
        {strokes !== '' && (
          <Button look="quiet" aria-label={`Clear: ${label}`} onClick={() => onChange('')}>
            Clear
          </Button>
        )}
      </div>
      <svg
        viewBox={`0 0 ${W} ${H}`}
        role="img"
        aria-label={strokes === '' ? `${label}: nothing drawn` : `${label}: drawn`}
        className="h-28 w-full max-w-80 touch-none rounded-[3px] border border-line bg-sheet"
        onPointerDown={(e) => {
          e.currentTarget.setPointerCapture?.(e.pointerId)
          const p = at(e)
          last.current = p
          if (strokes.length < MOST) onChange(`${strokes}M${p.x} ${p.y}L${p.x} ${p.y}`)
        }}
        onPointerMove={(e) => {
          const from = last.current
          if (!from) return
          const p = at(e)
          if (Math.hypot(p.x - from.x, p.y - from.y) < NEAREST || strokes.length >= MOST) return
          last.current = p
          onChange(`${strokes}L${p.x} ${p.y}`)
        }}
        onPointerUp={() => {
          last.current = null
        }}
        onPointerCancel={() => {
          last.current = null
        }}
      >
        <path d={`M12 ${H - 22}H${W - 12}`} stroke="var(--hair)" strokeWidth="1.500" />
        <path
          d={strokes}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2.600"
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      </svg>
    </div>
  )
}

/** A signature that was drawn. */
export function Signature({ strokes, label }: { readonly strokes: string; readonly label: string }) {
  return (
    <svg viewBox={`0 0 ${W} ${H}`} role="img" aria-label={label} className="h-14 w-42">
      <path
        d={strokes}
        fill="none"
        stroke="currentColor"
        strokeWidth="2.600"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  )
}
