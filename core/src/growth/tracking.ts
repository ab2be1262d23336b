/** How closely children keep to their channel; see the forecast's ARCHITECTURE.md. Our own choices, not fitted to data. */

/** Correlation of a z-score with itself a year later, from the age at which the year begins. */
const YEARLY_TRACKING: readonly { readonly fromMonths: number; readonly correlation: number }[] = [
  { fromMonths: 0, correlation: 0.75 },
  { fromMonths: 12, correlation: 0.88 },
  { fromMonths: 24, correlation: 0.95 },
  { fromMonths: 60, correlation: 0.97 },
]

/** A z-score is kept within this: beyond it the tables mean nothing. */
export const LARGEST_Z = 5

/** Standard normal deviate of the 95th centile: the body table's ends. */
export const Z_OF_P95 = 1.6449

/** Correlation over one month at an age in months. */
export function monthlyTracking(ageMonths: number): number {
  const yearly = YEARLY_TRACKING.findLast((t) => ageMonths >= t.fromMonths) ?? YEARLY_TRACKING[0]
  return (yearly?.correlation ?? 1) ** (1 / 12)
}

/** Correlation between two ages in months: month by month, and a part of the last. */
export function trackingOver(fromMonths: number, toMonths: number): number {
  let rho = 1
  for (let m = fromMonths; m < toMonths; m += 1) rho *= monthlyTracking(m) ** Math.min(1, toMonths - m)
  return rho
}
