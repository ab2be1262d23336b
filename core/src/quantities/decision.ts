import type { Interval } from './interval.ts'

/**
 * What a test says: it holds for every value the measurement allows, for none,
 * or for some. Unknown is never a pass.
 */
export type Decision = 'pass' | 'fail' | 'undecided'

export const DECISION_RANK = { fail: 0, undecided: 1, pass: 2 } as const satisfies Record<Decision, number>

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

const HOLDS = {
  'at-least': (x: number, limit: number) => x >= limit,
  'more-than': (x: number, limit: number) => x > limit,
  'at-most': (x: number, limit: number) => x <= limit,
  'less-than': (x: number, limit: number) => x < limit,
} as const satisfies Record<Wording, (x: number, limit: number) => boolean>

/** Compares a measured interval with a limit; `undefined` (not measured) is undecided. */
export function compare(x: Interval | undefined, wording: Wording, limit: number): Decision {
  if (x === undefined) return 'undecided'
  const low = HOLDS[wording](x.lo, limit)
  const high = HOLDS[wording](x.hi, limit)
  if (low && high) return 'pass'
  return low || high ? 'undecided' : 'fail'
}

/** At least `from` and at most `to`, both ends included. Either end may be left open. */
export function within(x: Interval | undefined, from?: number, to?: number): Decision {
  const parts: Decision[] = []
  if (from !== undefined) parts.push(compare(x, 'at-least', from))
  if (to !== undefined) parts.push(compare(x, 'at-most', to))
  return every(parts)
}

/**
 * Room left to the nearest end of a range, in the unit of `x`, taken at the
 * worst value the measurement allows. Negative when that value is outside.
 */
export function marginWithin(x: Interval | undefined, from?: number, to?: number): number | undefined {
  if (x === undefined) return undefined
  const rooms: number[] = []
  if (from !== undefined) rooms.push(x.lo - from)
  if (to !== undefined) rooms.push(to - x.hi)
  return rooms.length === 0 ? undefined : Math.round(Math.min(...rooms) * 1000) / 1000
}
