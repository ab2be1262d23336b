import { WIDTH_POINTS, type Mode, type WidthPoint } from '../restraint/index.ts'

/**
 * Side by side: what stands to either side of the middle of a restraint or a
 * person, and how far two middles must stand apart. Left and right are the
 * car's, in the direction of travel; all lengths are mm.
 */

/** Both ends of a length that may not be known: `lo` is certain, `hi` may be `Infinity`. */
export interface Span {
  readonly lo: number
  readonly hi: number
}
/** What stands at one point; where `isStated` is false it may be nothing at all. */
interface HalfWidths {
  readonly left: Span
  readonly right: Span
  readonly isStated: boolean
}
/** `none`: nothing stands at that point. */
export type SideProfile = Readonly<Record<WidthPoint, HalfWidths | 'none'>>

/** Room for a hand that must reach a buckle, at hip height, in mm (practice). */
export const HAND_MM = 30
/** How far a belted restraint may stand off the middle of its place where the maker does not say; our own figure. */
export const SIDEWAYS_PLAY_MM = 20
/**
 * Across both shoulders of an adult whom nobody measured, in mm: about the 95th
 * centile of men over light clothes. Our own figure, on the safe side.
 */
export const USUAL_ADULT_BREADTH_MM = 520
/** Half of an adult's head, in mm; our own figure. */
const ADULT_HEAD_HALF_MM = 85

const exactlyWide = (mm: number): Span => ({ lo: mm, hi: mm })
const upTo = (mm: number): Span => ({ lo: 0, hi: mm })
const isHip = (point: WidthPoint): boolean => point === 'hipBack' || point === 'hipFront'
const isShoulder = (point: WidthPoint): boolean => point === 'shoulderBack' || point === 'shoulderFront'

/** What is on or off beside the mode itself. */
export interface Worn {
  /** Cup holder or pod stands as the maker draws it; taken off it adds nothing. */
  readonly hasExtra: boolean
  /** Across the child's shoulders; `undefined` while nobody measured it. */
  readonly shoulderBreadthMm?: Span | undefined
  /** The width setting that is set, by its outside width; one that the mode does not have says nothing. */
  readonly outsideMm?: number | undefined
  /** A pod may be put on one side alone: this one, the door's. */
  readonly podSide?: 'left' | 'right' | undefined
}

/**
 * Outside width of a mode for one child, in mm: its own, or that of the
 * narrowest setting that is wide enough inside. While the child's shoulders
 * or the room inside are not known it may be any of them.
 */
export function outsideWidthMm(mode: Mode, breadthMm: Span | undefined): Span | undefined {
  const settings = mode.widthSettings ?? []
  if (settings.length === 0) return mode.widthMm === undefined ? undefined : exactlyWide(mode.widthMm)
  const inTurn = settings.toSorted((a, b) => a.outsideMm - b.outsideMm)
  const fits = (breadth: number): number => {
    const wideEnough = inTurn.find((s) => s.insideMm !== undefined && s.insideMm >= breadth)
    // None is wide enough: the widest, and whether the child fits at all is asked by its own rules.
    return (wideEnough ?? (inTurn[inTurn.length - 1] as (typeof inTurn)[number])).outsideMm
  }
  const isKnown = breadthMm !== undefined && inTurn.every((s) => s.insideMm !== undefined)
  if (isKnown) return { lo: fits(breadthMm.lo), hi: fits(breadthMm.hi) }
  const first = inTurn[0] as (typeof inTurn)[number]
  const last = inTurn[inTurn.length - 1] as (typeof inTurn)[number]
  return { lo: first.outsideMm, hi: last.outsideMm }
}

/** Whether the child's shoulders have to be measured before the width of the mode is known. */
export const isBreadthAsked = (mode: Mode, breadthMm: Span | undefined): boolean => {
  const width = outsideWidthMm(mode, breadthMm)
  return width !== undefined && width.lo < width.hi
}

/**
 * What a mode adds to one side, in mm: a cup holder at hip height, a pod at the
 * shoulder. At which depth it stands the catalogue does not say, so at both.
 */
function extraAt(mode: Mode, point: WidthPoint, side: 'left' | 'right', { hasExtra, podSide }: Worn): number {
  const extra = mode.extraWidthMm
  if (extra === undefined || !hasExtra) return 0
  const isPod = mode.sidePod === true
  if (!(isPod ? isShoulder(point) : isHip(point))) return 0
  if (extra.side !== 'both') return extra.side === side ? extra.mm : 0
  return isPod && podSide !== undefined && podSide !== side ? 0 : extra.mm
}

/**
 * What stands at each point of a mode. A point that the maker does not state is
 * bounded by the outside width; where the mode is widest it is that width.
 */
export function profileOf(mode: Mode, worn: Worn): SideProfile {
  const isSet = mode.widthSettings?.some((s) => s.outsideMm === worn.outsideMm) === true
  const outside =
    isSet && worn.outsideMm !== undefined ? exactlyWide(worn.outsideMm) : outsideWidthMm(mode, worn.shoulderBreadthMm)
  // Points are stated of the mode as it comes: at its own width, or at its narrowest setting.
  const widths = (mode.widthSettings ?? []).map((w) => w.outsideMm)
  const base = mode.widthMm ?? (widths.length === 0 ? undefined : Math.min(...widths))
  const at = (point: WidthPoint): HalfWidths | 'none' => {
    const stated = mode.halfWidths?.[point]
    if (stated?.leftMm === 0 && stated.rightMm === 0) return 'none'
    const extra = { left: extraAt(mode, point, 'left', worn), right: extraAt(mode, point, 'right', worn) }
    const add = (s: Span, mm: number): Span => ({ lo: s.lo + mm, hi: s.hi + mm })
    if (stated !== undefined) {
      // A setting that widens the outside widens every stated point by half of it.
      const more = { lo: 0, hi: 0 }
      if (outside !== undefined && base !== undefined) {
        more.lo = Math.max(0, outside.lo - base) / 2
        more.hi = Math.max(0, outside.hi - base) / 2
      }
      const side = (mm: number, extraMm: number): Span => ({ lo: mm + more.lo + extraMm, hi: mm + more.hi + extraMm })
      return {
        left: side(stated.leftMm, extra.left),
        right: side(stated.rightMm, extra.right),
        isStated: true,
      }
    }
    if (outside === undefined) return { left: upTo(Infinity), right: upTo(Infinity), isStated: false }
    if (mode.widestAt === point) {
      const half = { lo: outside.lo / 2, hi: outside.hi / 2 }
      return { left: add(half, extra.left), right: add(half, extra.right), isStated: true }
    }
    return {
      left: upTo(outside.hi / 2 + extra.left),
      right: upTo(outside.hi / 2 + extra.right),
      isStated: false,
    }
  }
  const swept = sweptOf(mode)
  const turned = (here: HalfWidths | 'none'): HalfWidths | 'none' => {
    if (swept === undefined) return here
    const stands = here === 'none' ? { left: exactlyWide(0), right: exactlyWide(0), isStated: true } : here
    // It is at least as wide as it sweeps, whatever else is not stated of it.
    const isStated = stands.isStated || swept.lo > 0
    return { left: wider(stands.left, swept), right: wider(stands.right, swept), isStated }
  }
  return Object.fromEntries(WIDTH_POINTS.map((point) => [point, turned(at(point))])) as unknown as SideProfile
}

/**
 * What a shell sweeps that is turned to the door for its child: to either side as
 * far as its furthest corner stands from what it turns about, at every height and
 * depth. `undefined` where it need not be turned; without a figure nothing bounds it.
 */
function sweptOf({ turns }: Mode): Span | undefined {
  if (turns?.toDoor !== true) return undefined
  return turns.sweepMm === undefined ? upTo(Infinity) : exactlyWide(turns.sweepMm)
}

const wider = (a: Span, b: Span): Span => ({ lo: Math.max(a.lo, b.lo), hi: Math.max(a.hi, b.hi) })

/** Whether a profile leaves a point open: it may be narrower than it is taken to be. */
export const isProfileOpen = (profile: SideProfile): boolean =>
  WIDTH_POINTS.some((point) => {
    const here = profile[point]
    return here !== 'none' && (!here.isStated || here.left.lo < here.left.hi || here.right.lo < here.right.hi)
  })

/** A person on the seat without a restraint: hips, shoulders against the backrest, head. */
export function personProfile(breadthMm: number): SideProfile {
  const half = breadthMm / 2
  const wide: HalfWidths = { left: exactlyWide(half), right: exactlyWide(half), isStated: true }
  const head: HalfWidths = {
    left: exactlyWide(ADULT_HEAD_HALF_MM),
    right: exactlyWide(ADULT_HEAD_HALF_MM),
    isStated: true,
  }
  return { hipBack: wide, hipFront: wide, shoulderBack: wide, shoulderFront: 'none', headBack: head, headFront: 'none' }
}

/**
 * How far apart two middles must stand, `left` being the one further left:
 * `hi` clears them whatever is unknown, under `lo` they overlap for certain.
 * `handMm` is asked for at hip height where a hand must reach a buckle between them.
 */
export function neededApartMm(left: SideProfile, right: SideProfile, handMm: number): Span {
  let lo = 0
  let hi = 0
  for (const point of WIDTH_POINTS) {
    const a = left[point]
    const b = right[point]
    if (a === 'none' || b === 'none') continue
    const hand = isHip(point) ? handMm : 0
    hi = Math.max(hi, a.right.hi + b.left.hi + hand)
    if (a.isStated && b.isStated) lo = Math.max(lo, a.right.lo + b.left.lo + hand)
  }
  return { lo, hi }
}

/** The furthest that a profile stands out to one side at any point. */
export function furthestMm(profile: SideProfile, side: 'left' | 'right'): Span {
  let lo = 0
  let hi = 0
  for (const point of WIDTH_POINTS) {
    const here = profile[point]
    if (here === 'none') continue
    hi = Math.max(hi, here[side].hi)
    if (here.isStated) lo = Math.max(lo, here[side].lo)
  }
  return { lo, hi }
}
