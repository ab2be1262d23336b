import type { Interval } from './interval.ts'

/**
 * What a test says: it holds for every value the measurement allows, for none,
 * or for some. Unknown is never a pass.
 */
export type Decision = 'pass' | 'fail' | 'undecided'

export const DECISION_RANK = { fail: 0, undecided: 1, pass: 2 } as const satisfies Record<Decision, number>

/** Orders what was decided, the best first. */
export const bestFirst = (a: { readonly decision: Decision }, b: { readonly decision: Decision }): number =>
  DECISION_RANK[b.decision] - DECISION_RANK[a.decision]

/** All must hold: one failure decides, otherwise one doubt does. */
export function every(decisions: readonly Decision[]): Decision {
  if (decisions.includes('fail')) return 'fail'
  return decisions.includes('undecided') ? 'undecided' : 'pass'
}

/** One must hold: one pass decides, otherwise one doubt does. No decisions at all is a failure. */
export function some(decisions: readonly Decision[]): Decision {
  if (decisions.includes('pass')) return 'pass'
  return decisions.includes('undecided') ? 'undecided' : 'fail'
}

/** How a limit is worded. The boundary value itself is decided by the word, never by the margin. */
export type Wording = 'at-least' | 'more-than' | 'at-most' | 'less-than'

function holds(x: number, wording: Wording, limit: number): boolean {
  switch (wording) {
    case 'at-least':
      return x >= limit
    case 'more-than':
      return x > limit
    case 'at-most':
      return x <= limit
    case 'less-than':
      return x < limit
  }
}

/** Compares a measured interval with a limit; `undefined` (not measured) is undecided. */
export function compare(x: Interval | undefined, wording: Wording, limit: number): Decision {
  if (x === undefined) return 'undecided'
  const low = holds(x.lo, wording, limit)
  const high = holds(x.hi, wording, limit)
  if (low && high) return 'pass'
  return low || high ? 'undecided' : 'fail'
}

/** At least `from` and at most `to`, both ends included. Either end may be left open. */
export function within(x: Interval | undefined, from?: number, to?: number): Decision {
  const above = from === undefined ? 'pass' : compare(x, 'at-least', from)
  const below = to === undefined ? 'pass' : compare(x, 'at-most', to)
  if (above === 'fail' || below === 'fail') return 'fail'
  return above === 'pass' && below === 'pass' ? 'pass' : 'undecided'
}

/**
 * Room left to the nearest end of a range, in the unit of `x`, taken at the
 * worst value the measurement allows. Negative when that value is outside.
 */
/** The end of a window that a value is nearest to, or past: which one, and the room to it; both as `marginWithin` counts. */
export function nearestEnd(
  x: Interval,
  from: number | undefined,
  to: number | undefined,
): { readonly limit: number | undefined; readonly margin: number | undefined } {
  const isLower = to === undefined || (from !== undefined && x.lo - from < to - x.hi)
  return { limit: isLower ? from : to, margin: marginWithin(x, from, to) }
}

export function marginWithin(x: Interval | undefined, from?: number, to?: number): number | undefined {
  if (x === undefined) return undefined
  if (from === undefined && to === undefined) return undefined
  const room = Math.min(from === undefined ? Infinity : x.lo - from, to === undefined ? Infinity : to - x.hi)
  return Math.round(room * 1000) / 1000
}
