import type { Mode, Route } from '../restraint/index.ts'
import type { Taking } from '../vehicle/index.ts'
import type { Decision } from '../quantities/index.ts'
import { rangesInRow, type RowItem } from './row.ts'
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

/** What a restraint takes of its place on a route: an optional tether is left off where another needs its anchorage. */
export const takingOf = (route: Route): Taking => ({
  usesBars: route.isofix !== undefined,
  usesTether: route.topTether?.use === 'required',
  usesRails: route.lowerTethers?.use === 'required',
  usesBelt: route.belt !== undefined,
  isRestraint: true,
})
/** Somebody on the seat itself. */
export const PERSON_TAKES: Taking = {
  usesBars: false,
  usesTether: false,
  usesRails: false,
  usesBelt: true,
  isRestraint: false,
}

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

/**
 * Whether all of a row can stand side by side, each within its play: a pass
 * clears whatever is not known, a failure overlaps whatever is not known.
 * Left to right; what is not known of one leaves the row undecided.
 */
export function judgeRow(row: readonly InRow[], trim: Trim = {}): Decision {
  const known = row.filter(
    (r): r is InRow & { readonly centreMm: number; readonly standing: StandsBeside } =>
      r.centreMm !== undefined && r.standing !== undefined,
  )
  const inTurn = known.toSorted((a, b) => a.centreMm - b.centreMm)
  const apart = (i: number, j: number, end: 'lo' | 'hi'): number => {
    const [left, right] = [inTurn[i], inTurn[j]]
    if (left === undefined || right === undefined || i === j) return 0
    const isHand =
      j === i + 1 &&
      ((left.standing.needsHand && left.buckles.right) || (right.standing.needsHand && right.buckles.left))
    return neededApartMm(left.standing.profile, right.standing.profile, isHand ? HAND_MM : 0)[end]
  }
  const items = (end: 'lo' | 'hi'): readonly RowItem[] =>
    inTurn.map(({ centreMm, standing }) => ({
      centreMm,
      playMm: standing.playMm,
      ...(trim.trimLeftMm !== undefined && { fromMm: furthestMm(standing.profile, 'left')[end] - trim.trimLeftMm }),
      ...(trim.trimRightMm !== undefined && { toMm: trim.trimRightMm - furthestMm(standing.profile, 'right')[end] }),
    }))
  if (rangesInRow(items('lo'), (i, j) => apart(i, j, 'lo')) === undefined) return 'fail'
  if (known.length < row.length) return 'undecided'
  return rangesInRow(items('hi'), (i, j) => apart(i, j, 'hi')) === undefined ? 'undecided' : 'pass'
}
