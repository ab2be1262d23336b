import { interval, toInterval, type Interval } from '../quantities/index.ts'
import { bodyAt } from './body-dimensions.ts'
import type { Child } from './child.ts'

/**
 * What clothes weigh and shoes add, as intervals to take off a reading. Our own
 * estimates, wide on purpose; weighing bare and measuring barefoot beats them.
 */
export const ALLOWANCES = {
  weighedInKg: {
    bare: { lo: 0, hi: 0 },
    'indoor-clothes': { lo: 0.2, hi: 0.8 },
    'outdoor-clothes': { lo: 0.6, hi: 2 },
  },
  measuredInCm: { barefoot: { lo: 0, hi: 0 }, shoes: { lo: 1, hi: 3 } },
} as const

function less(reading: Interval | undefined, allowance: Interval): Interval | undefined {
  if (reading === undefined || allowance.hi === 0) return reading
  return interval(Math.max(0, reading.lo - allowance.hi), Math.max(0, reading.hi - allowance.lo))
}

/** The child's own mass in kg, what it wore taken off. */
export const massOf = (child: Child): Interval | undefined =>
  less(toInterval(child.massKg), ALLOWANCES.weighedInKg[child.weighedIn ?? 'bare'])

/** The child's own stature in cm, its shoes taken off. */
export const statureOf = (child: Child): Interval | undefined =>
  less(toInterval(child.statureCm), ALLOWANCES.measuredInCm[child.measuredIn ?? 'barefoot'])

export interface BodyHeight {
  readonly mm: Interval
  /** Taken from the stature by a table, not from the child. */
  readonly isEstimated: boolean
}

function bodyHeight(child: Child, field: 'seatedShoulderHeightMm' | 'sittingHeightMm'): BodyHeight | undefined {
  const measured = toInterval(child[field])
  if (measured !== undefined) return { mm: measured, isEstimated: false }
  const stature = statureOf(child)
  if (stature === undefined || stature.lo <= 0) return undefined
  const part = field === 'seatedShoulderHeightMm' ? 'shoulderMm' : 'sittingMm'
  return { mm: interval(bodyAt(stature.lo)[part].lo, bodyAt(stature.hi)[part].hi), isEstimated: true }
}

/** Seated shoulder height in mm: measured, or 5th to 95th centile of the stature. */
export const seatedShoulderOf = (child: Child): BodyHeight | undefined => bodyHeight(child, 'seatedShoulderHeightMm')
/** Sitting height in mm: measured, or 5th to 95th centile of the stature. */
export const sittingHeightOf = (child: Child): BodyHeight | undefined => bodyHeight(child, 'sittingHeightMm')
