import { lineValueText, type BenchLine } from '@nimble-anchor/core/bench'
import { formatNumber } from '@nimble-anchor/core/quantities'
import * as msg from './messages.en.ts'

const WIDE = 100
/** Beyond the end that is missed this share of the window is drawn, so that a miss is seen to be one. */
const BEYOND = 0.25
const COLOUR = { pass: 'var(--pass)', fail: 'var(--fail)', undecided: 'var(--doubt)', unknown: 'var(--line)' } as const

/** Where the value stands in what is wanted: the window as shallow water, the value and its ± in it, the ends in figures. */
export function MarginBar({ line }: { readonly line: BenchLine }) {
  const { window, value, unit, state } = line
  if (window === undefined || value === undefined) return null
  const from = window.from ?? Math.min(value.lo, window.to ?? value.lo)
  const to = window.to ?? Math.max(value.hi, from)
  const beyond = Math.max((to - from) * BEYOND, 1)
  // The ends stand at the window’s own; only where a value is outside is there anything beyond.
  const min = value.lo < from ? from - beyond : from
  const max = value.hi > to || to === from ? to + beyond : to
  const at = (x: number): number => ((Math.min(Math.max(x, min), max) - min) / (max - min)) * WIDE
  const sign = unit === '°' ? '°' : ` ${unit}`
  const end = (x: number | undefined): string => (x === undefined ? '' : `${formatNumber(x)}${sign}`)
  const middle = at((value.lo + value.hi) / 2)
  return (
    <span
      role="img"
      aria-label={msg.wanted(line.label, lineValueText(line), line.wanted)}
      className="mt-1 grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-x-2 text-xs text-ink-soft"
    >
      <span aria-hidden="true">{end(window.from)}</span>
      <svg viewBox={`0 0 ${WIDE} 12`} preserveAspectRatio="none" className="h-3 w-full" aria-hidden="true">
        <rect x="0" y="5" width={WIDE} height="2" fill="var(--line)" />
        <rect
          x={window.from === undefined ? 0 : at(from)}
          y="1"
          width={(window.to === undefined ? WIDE : at(to)) - (window.from === undefined ? 0 : at(from))}
          height="10"
          fill="var(--shoal-deep)"
        />
        <rect
          x={at(value.lo)}
          y="2.500"
          width={Math.max(at(value.hi) - at(value.lo), 1)}
          height="7"
          fill={COLOUR[state]}
          opacity="0.450"
        />
        <rect x={middle - 0.9} y="0" width="1.800" height="12" fill={COLOUR[state]} />
      </svg>
      <span aria-hidden="true">{end(window.to)}</span>
    </span>
  )
}
