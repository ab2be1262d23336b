/** A closed interval of plain numbers; the unit is named by whoever holds it. */
export interface Interval {
  readonly lo: number
  readonly hi: number
}

/** Endpoints are rounded to a millionth, so that 9.1 − 0.1 is 9 and a limit of 9 is met. */
function tidy(value: number): number {
  return Math.round(value * 1e6) / 1e6
}

/**
 * The interval from `lo` to `hi`.
 *
 * @throws RangeError when an end is not finite or the ends are out of order.
 */
export function interval(lo: number, hi: number): Interval {
  if (!Number.isFinite(lo) || !Number.isFinite(hi) || lo > hi) {
    throw new RangeError(`An interval needs two finite ends in order, got ${lo} to ${hi}`)
  }
  return { lo: tidy(lo), hi: tidy(hi) }
}

export const exactly = (value: number): Interval => interval(value, value)
export const plus = (a: Interval, b: Interval): Interval => interval(a.lo + b.lo, a.hi + b.hi)
export const minus = (a: Interval, b: Interval): Interval => interval(a.lo - b.hi, a.hi - b.lo)
export const middle = (a: Interval): number => tidy((a.lo + a.hi) / 2)
export const halfWidth = (a: Interval): number => tidy((a.hi - a.lo) / 2)
