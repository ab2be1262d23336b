import type { Interval } from '../quantities/index.ts'
import type { Mode } from '../restraint/index.ts'

/** A booster's guide stands 0 to this much above the shoulder. */
export const GUIDE_MAX_MM = 20

export type GuideAdvice =
  | { readonly kind: 'set'; readonly heightMm: number }
  | { readonly kind: 'none'; readonly because: 'too-small' | 'outgrown' }
  /** The shoulder is not known closely enough for one height to be sure. */
  | { readonly kind: 'measure'; readonly heightMm: number }

/**
 * Height of the belt guide above the surface the child sits on, in mm: as near
 * to 10 mm above the shoulder as the booster's range allows.
 *
 * @throws Error when the mode states no range of its guide.
 */
export function adviseGuide(mode: Mode, shoulderMm: Interval): GuideAdvice {
  const range = mode.beltGuideMm
  if (range === undefined) throw new Error(`Mode ${mode.id} states no range of its belt guide`)
  if (range.fromMm > shoulderMm.hi + GUIDE_MAX_MM) return { kind: 'none', because: 'too-small' }
  if (range.toMm < shoulderMm.lo) return { kind: 'none', because: 'outgrown' }
  const wanted = (shoulderMm.lo + shoulderMm.hi + GUIDE_MAX_MM) / 2
  const heightMm = Math.round(Math.min(Math.max(wanted, range.fromMm), range.toMm))
  const isSure = heightMm >= shoulderMm.hi && heightMm <= shoulderMm.lo + GUIDE_MAX_MM
  return { kind: isSure ? 'set' : 'measure', heightMm }
}
