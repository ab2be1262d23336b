import { plus, exactly, type Interval } from '../quantities/index.ts'
import type { SupportLeg } from '../restraint/index.ts'

const radians = (deg: number): number => (deg * Math.PI) / 180

/** Length in mm of notch k (1-based): L_k = L_min + (k−1)(L_max − L_min)/(N−1). */
export function notchLengthMm(leg: SupportLeg, notch: number): number {
  if (!Number.isInteger(notch) || notch < 1 || notch > leg.notches) {
    throw new RangeError(`The leg has notches 1 to ${leg.notches}, got ${notch}`)
  }
  return leg.minLengthMm + ((notch - 1) * (leg.maxLengthMm - leg.minLengthMm)) / (leg.notches - 1)
}

/** L = (C + b) / cos ψ, with C the cushion's front edge above the bare floor. */
export function legLengthNeededMm(leg: SupportLeg, frontEdgeAboveFloorMm: Interval): Interval {
  const height = plus(frontEdgeAboveFloorMm, exactly(leg.hingeAboveCushionMm))
  const cos = Math.cos(radians(leg.angleFromVerticalDeg))
  return { lo: height.lo / cos, hi: height.hi / cos }
}

export type NotchAdvice =
  | { readonly kind: 'notch'; readonly notch: number; readonly liftMm: Interval; readonly neededMm: Interval }
  | { readonly kind: 'between'; readonly notches: readonly number[]; readonly neededMm: Interval }
  | { readonly kind: 'too-short' | 'too-long'; readonly neededMm: Interval }
  | { readonly kind: 'may-be-out-of-range'; readonly neededMm: Interval }

/** First notch long enough for a needed length; the leg's ends are in range. */
function firstNotch(leg: SupportLeg, neededMm: number): number | 'too-short' | 'too-long' {
  if (neededMm > leg.maxLengthMm + 1e-6) return 'too-short'
  if (neededMm < leg.minLengthMm - 1e-6) return 'too-long'
  for (let k = 1; k <= leg.notches; k += 1) if (notchLengthMm(leg, k) >= neededMm - 1e-6) return k
  return leg.notches
}

/** How far notch k lifts the base, (L_k − L)·cos ψ; negative is a gap under the foot. */
export function liftMm(leg: SupportLeg, notch: number, neededMm: Interval): Interval {
  const cos = Math.cos(radians(leg.angleFromVerticalDeg))
  const length = notchLengthMm(leg, notch)
  return { lo: (length - neededMm.hi) * cos, hi: (length - neededMm.lo) * cos }
}

/**
 * The notch to set. `between` when the measurement allows more than one,
 * `too-short` or `too-long` when this leg cannot stand here: nothing is packed under it.
 */
export function adviseNotch(leg: SupportLeg, frontEdgeAboveFloorMm: Interval): NotchAdvice {
  const neededMm = legLengthNeededMm(leg, frontEdgeAboveFloorMm)
  const low = firstNotch(leg, neededMm.lo)
  const high = firstNotch(leg, neededMm.hi)
  if (typeof low === 'string' && low === high) return { kind: low, neededMm }
  if (typeof low === 'string' || typeof high === 'string') return { kind: 'may-be-out-of-range', neededMm }
  if (low === high) return { kind: 'notch', notch: low, liftMm: liftMm(leg, low, neededMm), neededMm }
  return { kind: 'between', notches: Array.from({ length: high - low + 1 }, (_, i) => low + i), neededMm }
}
