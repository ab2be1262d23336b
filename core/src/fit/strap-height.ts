import type { Decision, Interval } from '../quantities/index.ts'
import { unreachable } from '../ground/index.ts'
import type { Mode, StrapRule } from '../restraint/index.ts'

/** "Just" below or above is bounded by this; more is advised against unless it is the nearest slot. */
export const JUST_MM = 30
/** How near counts as level, where a maker asks for level. */
const LEVEL_MM = 10

/** The mode's own rule, or the usual one for its direction. */
export function strapRuleOf(mode: Mode): StrapRule {
  return mode.strap?.rule ?? (mode.direction === 'forward' ? 'at-or-just-above' : 'at-or-just-below')
}

/** Offset allowed of the strap exit from the shoulder, in mm; + is above. */
function offsets(rule: StrapRule): { readonly from: number; readonly to: number } {
  switch (rule) {
    case 'at-or-just-below':
      return { from: -Infinity, to: 0 }
    case 'at-or-just-above':
      return { from: 0, to: Infinity }
    case 'level':
      return { from: -LEVEL_MM, to: LEVEL_MM }
    case 'level-or-just-under':
      return { from: -JUST_MM, to: LEVEL_MM }
    default:
      return unreachable(rule)
  }
}

/** The same with "just" in figures: what a strap exit is wanted between, above (+) or below the shoulder, in mm. */
export function strapWindowMm(mode: Mode): { readonly from: number; readonly to: number } {
  const { from, to } = offsets(strapRuleOf(mode))
  const justMm = mode.strap?.justMm ?? JUST_MM
  return { from: Math.max(from, -justMm), to: Math.min(to, justMm) }
}

/** Whether a strap exit at `exitMm` suits a shoulder at `shoulderMm` (insert under the child included). */
export function judgeStrapHeight(rule: StrapRule, exitMm: number, shoulderMm: Interval): Decision {
  const { from, to } = offsets(rule)
  const offset = { lo: exitMm - shoulderMm.hi, hi: exitMm - shoulderMm.lo }
  if (offset.lo >= from && offset.hi <= to) return 'pass'
  return offset.hi < from || offset.lo > to ? 'fail' : 'undecided'
}

/** The highest shoulder, insert included, that an exit at this height serves, in mm. */
export function servedUpToMm(mode: Mode, exitMm: number): number {
  const { from } = offsets(strapRuleOf(mode))
  return exitMm - (Number.isFinite(from) ? from : -(mode.strap?.justMm ?? JUST_MM))
}

/** Why no setting serves: every one is too high, every one too low, or the shoulder stands between two. */
export type NoStrap = 'too-small' | 'outgrown' | 'between'
export type StrapAdvice =
  | { readonly kind: 'set'; readonly heightMm: number; readonly slot?: number; readonly isFar: boolean }
  | { readonly kind: 'stop-at-shoulders' }
  | { readonly kind: 'none'; readonly because: NoStrap }
  | { readonly kind: 'measure'; readonly candidatesMm: readonly number[] }

const distance = (heightMm: number, shoulderMm: number): number => Math.abs(heightMm - shoulderMm)

/** The setting that suits one exact shoulder height, where one does; of two as near the lower, which is listed first. */
function bestFor(rule: StrapRule, heightsMm: readonly number[], shoulderMm: number): number | undefined {
  const point = { lo: shoulderMm, hi: shoulderMm }
  const fitting = heightsMm.filter((h) => judgeStrapHeight(rule, h, point) === 'pass')
  return fitting.toSorted((a, b) => distance(a, shoulderMm) - distance(b, shoulderMm))[0]
}

/** Why no height serves a shoulder, where none can. */
function whyNone(heightsMm: readonly number[], shoulderMm: Interval): NoStrap {
  if (heightsMm.every((h) => h > shoulderMm.hi)) return 'too-small'
  return heightsMm.every((h) => h < shoulderMm.lo) ? 'outgrown' : 'between'
}

/**
 * The slot or height to set for a seated shoulder height (insert included), in mm.
 * Rearward the highest slot at or below the shoulder, forward the lowest at or
 * above it, unless the mode's own rule says otherwise.
 */
export function adviseStrapHeight(mode: Mode, shoulderMm: Interval): StrapAdvice {
  const adjuster = mode.strap?.adjuster
  if (adjuster === undefined) throw new Error(`Mode ${mode.id} has no strap to adjust`)
  if (adjuster.kind === 'follows-head-support') return { kind: 'stop-at-shoulders' }
  const rule = strapRuleOf(mode)
  if (adjuster.kind === 'stepless') {
    // A range has no steps: the nearest end serves when the shoulder lies outside it.
    const target =
      rule === 'at-or-just-below' || rule === 'level-or-just-under'
        ? shoulderMm.lo
        : rule === 'level'
          ? (shoulderMm.lo + shoulderMm.hi) / 2
          : shoulderMm.hi
    const heightMm = Math.round(Math.min(Math.max(target, adjuster.fromMm), adjuster.toMm))
    const verdict = judgeStrapHeight(rule, heightMm, { lo: Math.round(shoulderMm.lo), hi: Math.round(shoulderMm.hi) })
    if (verdict === 'fail') return { kind: 'none', because: heightMm > shoulderMm.hi ? 'too-small' : 'outgrown' }
    if (verdict === 'undecided') return { kind: 'measure', candidatesMm: [heightMm] }
    return { kind: 'set', heightMm, isFar: distance(heightMm, target) > JUST_MM }
  }
  const heights = adjuster.heightsMm.toSorted((a, b) => a - b)
  const low = bestFor(rule, heights, shoulderMm.lo)
  const high = bestFor(rule, heights, shoulderMm.hi)
  const possible = heights.filter((h) => judgeStrapHeight(rule, h, shoulderMm) !== 'fail')
  if (possible.length === 0) return { kind: 'none', because: whyNone(heights, shoulderMm) }
  if (low === undefined || low !== high) {
    const ends = [low, high].filter((x) => x !== undefined)
    const isBetween = (h: number): boolean => h >= Math.min(...ends) && h <= Math.max(...ends)
    return { kind: 'measure', candidatesMm: ends.length === 0 ? possible : heights.filter(isBetween) }
  }
  const far = Math.max(distance(low, shoulderMm.lo), distance(low, shoulderMm.hi)) > JUST_MM
  return { kind: 'set', heightMm: low, slot: heights.indexOf(low) + 1, isFar: far }
}

/**
 * Shoulder heights (insert included) for which the mode has a strap setting at
 * all, in mm; an end left out does not bind. "Just" is bounded by advice only.
 */
export function shoulderRangeMm(mode: Mode): { readonly from?: number; readonly to?: number } {
  const adjuster = mode.strap?.adjuster
  if (adjuster === undefined) return {}
  const lowest = adjuster.kind === 'slots' ? Math.min(...adjuster.heightsMm) : adjuster.fromMm
  const highest = adjuster.kind === 'slots' ? Math.max(...adjuster.heightsMm) : adjuster.toMm
  const { from, to } = offsets(strapRuleOf(mode))
  return {
    ...(Number.isFinite(to) && { from: lowest - to }),
    ...(Number.isFinite(from) && { to: highest - from }),
  }
}

/**
 * How far above the strap exit the maker's gauge is read, in mm: 0 where the exit
 * itself is the gauge, `undefined` where the entry does not say.
 */
export const gaugeAboveExitMm = ({ strap }: Mode): number | undefined =>
  strap?.gauge === 'head-support-lower-edge' ? strap.gaugeAboveExitMm : 0

/** A height at which the straps leave the shell: its slot, where it is one, and what a gauge above it adds. */
export interface Exit {
  readonly mm: number
  readonly slot: number | undefined
  readonly atGaugeMm: number
}

/** One exit of a mode, as it is named and read. */
export function exitOf(mode: Mode, mm: number): Exit {
  const heights = mode.strap?.adjuster.kind === 'slots' ? mode.strap.adjuster.heightsMm.toSorted((a, b) => a - b) : []
  const slot = heights.indexOf(mm) + 1
  return { mm, slot: slot > 0 ? slot : undefined, atGaugeMm: gaugeAboveExitMm(mode) ?? 0 }
}
