import type { Interval } from '../quantities/index.ts'
import type { Mode } from '../restraint/index.ts'

/** A booster's guide stands 0 to this much above the shoulder. */
export const GUIDE_MAX_MM = 20

export type GuideAdvice =
  | { readonly kind: 'set'; readonly heightMm: number }
  | { readonly kind: 'none'; readonly because: 'too-small' | 'outgrown' }
  /** The shoulder is not known closely enough for one height to be sure. */
  | { readonly kind: 'measure'; readonly heightMm: number }

/** Where the guide may stand above the shoulder: where the maker says, or else 0 to 20 mm above it. */
export const guideWindowMm = (
  mode: Mode,
): { readonly fromMm?: number | undefined; readonly toMm?: number | undefined } =>
  mode.guideAboveShoulderMm ?? { fromMm: 0, toMm: GUIDE_MAX_MM }

/**
 * Height of the belt guide above the surface the child sits on, in mm: as near
 * to the middle of its window above the shoulder as the booster's range allows.
 *
 * @throws Error when the mode states no range of its guide.
 */
export function adviseGuide(mode: Mode, shoulderMm: Interval): GuideAdvice {
  const range = mode.beltGuideMm
  if (range === undefined) throw new Error(`Mode ${mode.id} states no range of its belt guide`)
  const { fromMm = -Infinity, toMm = Infinity } = guideWindowMm(mode)
  if (range.fromMm > shoulderMm.hi + toMm) return { kind: 'none', because: 'too-small' }
  if (range.toMm < shoulderMm.lo + fromMm) return { kind: 'none', because: 'outgrown' }
  // An end that the maker leaves open is taken where ours is, as far as the other end lets it.
  const low = Number.isFinite(fromMm) ? fromMm : Math.min(0, toMm)
  const high = Number.isFinite(toMm) ? toMm : Math.max(GUIDE_MAX_MM, fromMm)
  const wanted = (shoulderMm.lo + shoulderMm.hi + low + high) / 2
  const heightMm = Math.round(Math.min(Math.max(wanted, range.fromMm), range.toMm))
  const isSure = heightMm >= shoulderMm.hi + fromMm && heightMm <= shoulderMm.lo + toMm
  return { kind: isSure ? 'set' : 'measure', heightMm }
}
