import type { SideProfile } from '../fit/index.ts'
import { WIDTH_POINTS, type WidthPoint } from '../restraint/index.ts'
import type { Arranged } from './kept.ts'
import type { Candidate, CarProblem, Place } from './problem.ts'
import { Rows } from './rows.ts'

/** What stands to either side of the middle at one point, mm; a side that nobody knows has no figure. */
interface WidthAt {
  readonly leftMm?: number | undefined
  readonly rightMm?: number | undefined
  /** As the maker states it; otherwise it is at most this. */
  readonly isStated: boolean
}

/** Where one of a row stands: its middle, off the middle of its place, and how far it may be moved; mm. */
export interface Stand {
  readonly riderId: string
  readonly positionId: string
  /** Of its place from the middle of the car, the right positive. */
  readonly centreMm: number
  readonly shiftMm: number
  readonly shiftFromMm: number
  readonly shiftToMm: number
  /** By point of width; at a point that is not there, nothing stands. */
  readonly widths: Readonly<Partial<Record<WidthPoint, WidthAt>>>
}

/** Between next neighbours, at the point where it is tightest. */
export interface SideGap {
  readonly leftId: string
  readonly rightId: string
  readonly point: WidthPoint
  /** With everything that is not known as wide as it may be; absent where nothing bounds it. */
  readonly gapMm?: number | undefined
  readonly neededMm: number
  /** `open`: clears or not, as is still to be measured. */
  readonly state: 'clear' | 'open'
}

export interface RowOf {
  readonly row: number
  readonly state: 'certain' | 'possible'
  /** Absent where nothing stands side by side. */
  readonly marginMm?: number | undefined
  /** Left to right; empty where the middle of a place is not measured. */
  readonly stands: readonly Stand[]
  readonly gaps: readonly SideGap[]
}

const known = (mm: number): number | undefined => (Number.isFinite(mm) ? mm : undefined)

function widthsOf(profile: SideProfile): Stand['widths'] {
  const widths: Partial<Record<WidthPoint, WidthAt>> = {}
  for (const point of WIDTH_POINTS) {
    const here = profile[point]
    if (here === 'none') continue
    widths[point] = { leftMm: known(here.left.hi), rightMm: known(here.right.hi), isStated: here.isStated }
  }
  return widths
}

/** A hundredth of a millimetre: what the least shift is worked out to. */
const EQUAL_MM = 0.05

/** The tightest point between two, for the hand that must reach between them at the hip. */
function gapOf(left: Stand, right: Stand, handMm: number): SideGap | undefined {
  const apart = right.centreMm + right.shiftMm - (left.centreMm + left.shiftMm)
  let tightest: (SideGap & { readonly slack: number }) | undefined
  for (const point of WIDTH_POINTS) {
    const [a, b] = [left.widths[point], right.widths[point]]
    if (a === undefined || b === undefined) continue
    const gapMm = apart - (a.rightMm ?? Infinity) - (b.leftMm ?? Infinity)
    const neededMm = point.startsWith('hip') ? handMm : 0
    const slack = gapMm - neededMm
    if (tightest !== undefined && slack >= tightest.slack) continue
    tightest = {
      leftId: left.riderId,
      rightId: right.riderId,
      point,
      gapMm: known(gapMm),
      neededMm,
      state: slack >= -EQUAL_MM ? 'clear' : 'open',
      slack,
    }
  }
  if (tightest === undefined) return undefined
  const { slack: _slack, ...gap } = tightest
  return gap
}

/** Every row of an arrangement as it is told: who stands where, how wide, with what between. */
export function rowsOf({ problem, picks }: Arranged): readonly RowOf[] {
  const rows = new Rows(problem)
  return [...new Set(problem.places.map((p) => p.row))].flatMap((row): RowOf[] => {
    const here = rows.inRow(picks, row)
    if (here.length === 0) return []
    const { state, marginMm } = rows.stateOf(here, true)
    const stands = (rows.placing(here) ?? []).map((at, i): Stand => {
      const c = here[i] as Candidate
      const middle = c.centreMm as number
      return {
        riderId: idOf(problem, c),
        positionId: (problem.places[c.place] as Place).position.id,
        centreMm: middle,
        shiftMm: at.atMm - middle,
        shiftFromMm: at.fromMm - middle,
        shiftToMm: at.toMm - middle,
        widths: widthsOf(c.body.profile),
      }
    })
    const gaps = stands.slice(1).flatMap((right, i): SideGap[] => {
      const gap = gapOf(stands[i] as Stand, right, rows.handBetween(here, i, i + 1))
      return gap === undefined ? [] : [gap]
    })
    return [
      {
        row,
        state: state === 'certain' ? 'certain' : 'possible',
        ...(Number.isFinite(marginMm) && { marginMm }),
        stands,
        gaps,
      },
    ]
  })
}

const idOf = (problem: CarProblem, c: Candidate): string => problem.riders[c.rider]?.id ?? ''
