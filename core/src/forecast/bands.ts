import type { Growth } from './trajectories.ts'

/** 10th, 50th and 90th centile of the possible children at one month from today. */
export interface Band {
  readonly month: number
  readonly p10: number
  readonly p50: number
  readonly p90: number
}

export const quantile = (sorted: ArrayLike<number>, share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.max(0, Math.ceil(share * sorted.length) - 1))] as number

/** How mass or stature spreads out, at every `every`-th month and at the last. */
export function bandsOf(growth: Growth, measure: 'massKg' | 'statureCm', every = 3): readonly Band[] {
  const { count, steps } = growth
  const column = new Float32Array(count)
  const bands: Band[] = []
  for (let month = 0; month <= steps; month += every) {
    for (let i = 0; i < count; i += 1) column[i] = growth[measure][i * (steps + 1) + month] as number
    const sorted = column.toSorted()
    bands.push({ month, p10: quantile(sorted, 0.1), p50: quantile(sorted, 0.5), p90: quantile(sorted, 0.9) })
  }
  return bands
}
