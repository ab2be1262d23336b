import type { BenchLine } from '@nimble-anchor/core/bench'
import type { MarkState } from '../../../ui/StateMark.tsx'

/** A line without a rule's word has not begun; advice against is shown as a refusal is, and says that it is advice. */
export const lineMark = (line: BenchLine | undefined): MarkState =>
  line === undefined || line.state === 'unknown' ? 'not-started' : line.state

export const MARK_INK: Record<MarkState, string> = {
  pass: 'var(--pass)',
  fail: 'var(--fail)',
  undecided: 'var(--doubt)',
  stale: 'var(--stale)',
  'not-started': 'var(--ink-soft)',
}
