import { SIGNATURE_FIELD } from '@nimble-anchor/core/casefile'
import { useEffect, useRef } from 'react'
import Pad from 'signature_pad'
import { Button } from './Button.tsx'
import { linesOf, strokesOf } from './strokes.ts'
import * as msg from './messages.en.ts'

interface Props {
  readonly label: string
  /** SVG path data on the field; empty where nothing is drawn. */
  readonly strokes: string
  readonly onChange: (strokes: string) => void
}

const { width: W, height: H } = SIGNATURE_FIELD

/** A field to sign in with a finger, a pen or a mouse. Nobody has to: the typed name stands by itself. */
export function SignaturePad({ label, strokes, onChange }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const pad = useRef<Pad>(null)
  const kept = useRef(strokes)
  const change = useRef(onChange)
  useEffect(() => {
    change.current = onChange
  })
  useEffect(() => {
    const field = canvas.current
    if (!field) return
    const { width, height } = field.getBoundingClientRect()
    const size = { width, height }
    // As sharp as the screen is.
    const ratio = Math.max(1, window.devicePixelRatio)
    field.width = width * ratio
    field.height = height * ratio
    field.getContext('2d')?.scale(ratio, ratio)
    const own = new Pad(field, {
      penColor: getComputedStyle(field).color || 'black',
      minWidth: 1.2,
      maxWidth: 2.6,
      minDistance: 2,
    })
    const { penColor, dotSize, minWidth, maxWidth, velocityFilterWeight, compositeOperation } = own
    const options = { penColor, dotSize, minWidth, maxWidth, velocityFilterWeight, compositeOperation }
    own.fromData(
      linesOf(kept.current, size).map(({ points }) => ({
        ...options,
        points: points.map((p, i) => ({ ...p, time: i, pressure: 0.5 })),
      })),
    )
    own.addEventListener('endStroke', () => {
      kept.current = strokesOf(own.toData(), size)
      change.current(kept.current)
    })
    pad.current = own
    return () => own.off()
  }, [])
  // Cleared from outside, the field is empty too.
  useEffect(() => {
    if (strokes !== '' || kept.current === '') return
    kept.current = ''
    pad.current?.clear()
  }, [strokes])
  return (
    <div className="flex flex-col gap-1">
      <div className="flex items-center justify-between">
        <span className="text-sm font-semibold text-ink-soft">{label}</span>
        {strokes !== '' && (
          <Button look="quiet" aria-label={msg.clear2(label)} onClick={() => onChange('')}>
            {msg.clear}
          </Button>
        )}
      </div>
      <canvas
        ref={canvas}
        role="img"
        aria-label={strokes === '' ? msg.nothingDrawn(label) : msg.drawn(label)}
        style={{ aspectRatio: `${W} / ${H}` }}
        className="w-full max-w-80 touch-none rounded-[3px] border border-line bg-sheet text-ink"
      />
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
