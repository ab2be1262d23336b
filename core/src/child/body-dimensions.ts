import { interval, type Interval } from '../quantities/index.ts'

/**
 * Body dimensions by stature, as the geometry annex of UN R129 lays them down,
 * carried over from memory and not checked against the printed annex: estimates
 * only, always replaced by a measured value. Rows are stature, sitting height
 * (95th centile), seated shoulder height (5th and 95th centile), all in cm.
 */
const ROWS: readonly (readonly [stature: number, sitting95: number, shoulder05: number, shoulder95: number])[] = [
  [45, 39, 27.4, 29], [50, 40.5, 27.6, 29.2], [55, 42, 27.8, 29.4], [60, 43.5, 28, 29.6], [65, 45, 28.2, 29.8],
  [70, 47.1, 28.3, 30], [75, 49.2, 28.4, 31.3], [80, 51.3, 29.2, 32.6], [85, 53.4, 30, 33.9], [90, 55.5, 30.8, 35.2],
  [95, 57.6, 31.6, 36.5], [100, 59.7, 32.4, 37.8], [105, 61.8, 33.2, 39.1], [110, 63.9, 34, 40.4], [115, 66, 35.5, 41.7],
  [120, 68.1, 37, 43], [125, 70.2, 38.5, 44.3], [130, 72.3, 40, 46.1], [135, 74.4, 41.5, 47.9], [140, 76.5, 43, 49.7],
  [145, 78.6, 44.5, 51.5], [150, 81.1, 46.3, 53.3],
] // prettier-ignore

/**
 * A newborn dummy of about 50 cm has its shoulder at 220–225 mm, well below the
 * table's first rows. Up to 50 cm the low end is 22 cm; from there it runs
 * straight to the row at 75 cm, which agrees with the one-year dummy.
 */
const NEWBORN = { statureCm: 50, shoulderCm: 22, agreesFromCm: 75 } as const

/** Sitting height at the 5th centile as a share of that at the 95th. */
const SITTING_P05_OF_P95 = 0.9
/** Eye height and the top of the ears, each as a share of the sitting height. */
export const EYE_SHARE: Interval = { lo: 0.86, hi: 0.9 }
export const EAR_SHARE: Interval = { lo: 0.9, hi: 0.94 }

export interface BodyDimensions {
  /** 5th to 95th centile, in mm. */
  readonly shoulderMm: Interval
  /** Sitting height (crown), 5th to 95th centile, in mm. */
  readonly sittingMm: Interval
}

function column(statureCm: number, i: 1 | 2 | 3): number {
  const first = ROWS[0] as (typeof ROWS)[number]
  const last = ROWS[ROWS.length - 1] as (typeof ROWS)[number]
  // Beyond the table the nearest row is scaled with the stature.
  if (statureCm <= first[0]) return (first[i] * statureCm) / first[0]
  if (statureCm >= last[0]) return (last[i] * statureCm) / last[0]
  const next = ROWS.findIndex((row) => row[0] >= statureCm)
  const above = ROWS[next] as (typeof ROWS)[number]
  const below = ROWS[next - 1] as (typeof ROWS)[number]
  return below[i] + ((statureCm - below[0]) / (above[0] - below[0])) * (above[i] - below[i])
}

function shoulderLowCm(statureCm: number): number {
  const { shoulderCm, agreesFromCm } = NEWBORN
  if (statureCm >= agreesFromCm) return column(statureCm, 2)
  if (statureCm <= NEWBORN.statureCm) return (shoulderCm * statureCm) / NEWBORN.statureCm
  const t = (statureCm - NEWBORN.statureCm) / (agreesFromCm - NEWBORN.statureCm)
  return shoulderCm + t * (column(agreesFromCm, 2) - shoulderCm)
}

export type BodyPart = keyof BodyDimensions

/** One seated height in mm, at a share of the way from the 5th (0) to the 95th (1) centile. */
export function bodyPartAt(statureCm: number, part: BodyPart, share: number): number {
  const high = column(statureCm, part === 'shoulderMm' ? 3 : 1) * 10
  const low = part === 'shoulderMm' ? shoulderLowCm(statureCm) * 10 : high * SITTING_P05_OF_P95
  return low + share * (high - low)
}

/** Seated shoulder and sitting height to expect of a child of exactly this stature. */
export const bodyAt = (statureCm: number): BodyDimensions => ({
  shoulderMm: interval(bodyPartAt(statureCm, 'shoulderMm', 0), bodyPartAt(statureCm, 'shoulderMm', 1)),
  sittingMm: interval(bodyPartAt(statureCm, 'sittingMm', 0), bodyPartAt(statureCm, 'sittingMm', 1)),
})
