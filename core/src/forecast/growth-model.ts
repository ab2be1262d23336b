/** Constants of the growth model; see ARCHITECTURE.md beside this file. Our own choices, not fitted to data. */

/** Correlation of a z-score with itself a year later, from the age at which the year begins. */
export const YEARLY_TRACKING: readonly { readonly fromMonths: number; readonly correlation: number }[] = [
  { fromMonths: 0, correlation: 0.75 },
  { fromMonths: 12, correlation: 0.88 },
  { fromMonths: 24, correlation: 0.95 },
  { fromMonths: 60, correlation: 0.97 },
]

/** Correlation of mass-for-age with stature-for-age, of levels and of their monthly moves. */
export const MASS_STATURE_CORRELATION = 0.65

/** Over these months after 24 the correction for a preterm birth fades away. */
export const CORRECTION_FADES_OVER_MONTHS = 12

/** A z-score is kept within this: beyond it the tables mean nothing. */
export const LARGEST_Z = 5

export const HORIZON_MONTHS = 144
export const DEFAULT_TRAJECTORIES = 10_000

/** Standard normal deviate of the 95th centile: the body table's ends. */
export const Z_OF_P95 = 1.6449

/** Correlation over one month at an age in months. */
export function monthlyTracking(ageMonths: number): number {
  const yearly = YEARLY_TRACKING.findLast((t) => ageMonths >= t.fromMonths) ?? YEARLY_TRACKING[0]
  return (yearly?.correlation ?? 1) ** (1 / 12)
}
