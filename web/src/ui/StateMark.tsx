import type { Verdict } from '@nimble-anchor/core/verdict'
import * as msg from './messages.en.ts'

export type MarkState = 'pass' | 'fail' | 'undecided' | 'stale' | 'not-started'

const MARK_COLOUR: Record<MarkState, string> = {
  pass: 'text-pass',
  fail: 'text-fail',
  undecided: 'text-doubt',
  stale: 'text-stale',
  'not-started': 'text-ink-soft',
}

/**
 * State is never colour alone: pass a filled disc, fail a filled square with a
 * bar, undecided a hollow ring, stale a ring with a gap; each with its word.
 */
export function MarkShape({
  state,
  x = 0,
  y = 0,
  size = 16,
}: {
  state: MarkState
  x?: number
  y?: number
  size?: number
}) {
  const common = { stroke: 'currentColor', strokeWidth: 2.4, fill: 'none' }
  const shape = (() => {
    switch (state) {
      case 'pass':
        return <circle cx="8" cy="8" r="6.2" fill="currentColor" />
      case 'fail':
        return (
          <>
            <rect x="2" y="2" width="12" height="12" rx="1" fill="currentColor" />
            <rect x="4" y="6.900" width="8" height="2.200" fill="var(--sheet)" />
          </>
        )
      case 'undecided':
        return <circle cx="8" cy="8" r="5.4" {...common} />
      case 'stale':
        return <path d="M12.200 4.600A5.400 5.400 0 1 0 13.400 8.600" {...common} />
      case 'not-started':
        return <path d="M3 8h2.500M6.800 8h2.500M10.500 8H13" {...common} strokeWidth={2} />
    }
  })()
  return (
    <g transform={`translate(${x} ${y}) scale(${size / 16})`} className={MARK_COLOUR[state]}>
      {shape}
    </g>
  )
}

interface MarkProps {
  readonly state: MarkState
  /** Shown beside the mark; without it the word is only spoken. */
  readonly word?: string | undefined
  readonly size?: number
}

export function StateMark({ state, word, size = 16 }: MarkProps) {
  return (
    <span className={`inline-flex items-center gap-1.5 ${MARK_COLOUR[state]}`}>
      <svg width={size} height={size} viewBox="0 0 16 16" aria-hidden="true" className="shrink-0">
        <MarkShape state={state} />
      </svg>
      {word === undefined ? (
        <span className="sr-only">{msg.MARK_WORD[state]}</span>
      ) : (
        <span className="font-bold">{word}</span>
      )}
    </span>
  )
}

export const VERDICT_MARK: Record<Verdict, MarkState> = {
  ready: 'pass',
  'not-ready': 'fail',
  'not-permitted': 'fail',
  undecided: 'undecided',
}
