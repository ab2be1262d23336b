import type { Mode, Route } from '../restraint/index.ts'
import type { Decision } from '../quantities/index.ts'
import { marginInRow, rangesInRow, type RowItem } from './row.ts'
import {
  furthestMm,
  HAND_MM,
  neededApartMm,
  profileOf,
  SIDEWAYS_PLAY_MM,
  type SideProfile,
  type Worn,
} from './side-by-side.ts'

/** How a restraint stands beside others: how wide, how far it may be moved over, whether a hand must get beside it. */
export interface StandsBeside {
  readonly profile: SideProfile
  readonly playMm: number
  readonly needsHand: boolean
}

/** ISOFIX holds it where it is; a belt lets it be moved over, and has a buckle to reach. */
export const standingOf = (mode: Mode, route: Route, worn: Worn): StandsBeside => ({
  profile: profileOf(mode, worn),
  playMm: route.isofix !== undefined ? 0 : (route.belt?.sidewaysPlayMm ?? SIDEWAYS_PLAY_MM),
  needsHand: route.belt !== undefined,
})

/** One of a row, as far as it is known. */
export interface InRow {
  /** Middle of where it stands; `undefined` while nobody has measured it. */
  readonly centreMm: number | undefined
  /** `undefined` while it is not chosen what rides there. */
  readonly standing: StandsBeside | undefined
  /** On which sides of it a buckle stands. */
  readonly buckles: { readonly left: boolean; readonly right: boolean }
}

export interface Trim {
  readonly trimLeftMm?: number | undefined
  readonly trimRightMm?: number | undefined
}

/** How a row stands side by side. */
export interface RowJudgement {
  readonly kind: Decision
  /**
   * Of a pass, what the tightest two have beyond their need, whatever is not known; of a failure, what
   * they lack at least, as a figure below nothing. `undefined` where nobody stands beside anybody.
   */
  readonly marginMm: number | undefined
  /** What stands against it: the restraints themselves, room for a hand at a buckle, or the trim of a door. */
  readonly lacks: 'room' | 'hand' | 'trim' | undefined
}

type Known = InRow & { readonly centreMm: number; readonly standing: StandsBeside }
const isKnown = (r: InRow): r is Known => r.centreMm !== undefined && r.standing !== undefined

/** The row as constraints, with everything as narrow as it may be (`lo`) or as wide (`hi`). */
function constraintsOf(inTurn: readonly Known[], trim: Trim, handMm: number, end: 'lo' | 'hi') {
  const apart = (i: number, j: number): number => {
    const [left, right] = [inTurn[i], inTurn[j]]
    if (left === undefined || right === undefined || i === j) return 0
    const isHand =
      j === i + 1 &&
      ((left.standing.needsHand && left.buckles.right) || (right.standing.needsHand && right.buckles.left))
    return neededApartMm(left.standing.profile, right.standing.profile, isHand ? handMm : 0)[end]
  }
  const items = inTurn.map(({ centreMm, standing }): RowItem => ({
    centreMm,
    playMm: standing.playMm,
    ...(trim.trimLeftMm !== undefined && { fromMm: furthestMm(standing.profile, 'left')[end] - trim.trimLeftMm }),
    ...(trim.trimRightMm !== undefined && { toMm: trim.trimRightMm - furthestMm(standing.profile, 'right')[end] }),
  }))
  return { fits: rangesInRow(items, apart) !== undefined, marginMm: () => marginInRow(items, apart) }
}

const finite = (mm: number): number | undefined => (Number.isFinite(mm) ? mm : undefined)

/**
 * Whether all of a row can stand side by side, each within its play: a pass
 * clears whatever is not known, a failure overlaps whatever is not known.
 * Left to right; what is not known of one leaves the row undecided.
 */
export function judgeRow(row: readonly InRow[], trim: Trim = {}): RowJudgement {
  const known = row.filter(isKnown)
  const inTurn = known.toSorted((a, b) => a.centreMm - b.centreMm)
  const narrow = constraintsOf(inTurn, trim, HAND_MM, 'lo')
  if (!narrow.fits) {
    const untrimmed = constraintsOf(inTurn, {}, HAND_MM, 'lo')
    if (untrimmed.fits) return { kind: 'fail', marginMm: undefined, lacks: 'trim' }
    const isHand = constraintsOf(inTurn, {}, 0, 'lo').fits
    return { kind: 'fail', marginMm: finite(untrimmed.marginMm()), lacks: isHand ? 'hand' : 'room' }
  }
  const wide = constraintsOf(inTurn, trim, HAND_MM, 'hi')
  if (known.length < row.length || !wide.fits) return { kind: 'undecided', marginMm: undefined, lacks: undefined }
  return { kind: 'pass', marginMm: finite(constraintsOf(inTurn, {}, HAND_MM, 'hi').marginMm()), lacks: undefined }
}
