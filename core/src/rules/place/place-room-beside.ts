import { othersInRow, placeLabels, type OtherOfRide } from '../../casefile/index.ts'
import { judgeRow, standingOf, type InRow, type SideProfile } from '../../fit/index.ts'
import { toInterval } from '../../quantities/index.ts'
import { WIDTH_POINTS } from '../../restraint/index.ts'
import { bucklesOf, doorSideOf, neighboursOf, type SeatingPosition } from '../../vehicle/index.ts'
import { untilSeen } from '../outcomes.ts'
import { defineRule, type PlaceSubject } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-room-beside.en.ts'

const say = sayer<typeof en>()

const mean = (xs: readonly (number | undefined)[]): number | undefined =>
  xs.every((x) => x !== undefined) && xs.length > 0 ? xs.reduce((sum, x) => sum + x, 0) / xs.length : undefined

/** A snapshot of what stands beside, as the arithmetic takes it. */
function profileIn(widths: NonNullable<OtherOfRide['widths']>): SideProfile {
  const span = ({ lo, hi }: { readonly lo: number; readonly hi?: number | undefined }) => ({ lo, hi: hi ?? Infinity })
  return Object.fromEntries(
    WIDTH_POINTS.map((point) => {
      const at = widths[point]
      return [point, at === undefined ? 'none' : { ...at, left: span(at.left), right: span(at.right) }]
    }),
  ) as unknown as SideProfile
}

const buckles = (positions: readonly SeatingPosition[]): InRow['buckles'] => ({
  left: positions.some((p) => bucklesOf(p).left),
  right: positions.some((p) => bucklesOf(p).right),
})

/** The places that this restraint takes: two of one that lies across, where it is known which. */
function ownPlaces({ ride, position, vehicle, route, mode }: PlaceSubject): readonly SeatingPosition[] | undefined {
  const isAcross = route.seatsTaken === 2 || (mode.direction === 'lateral' && route.seatsTaken === undefined)
  if (!isAcross) return [position]
  const beside = neighboursOf(vehicle, position)
  const second =
    beside.find((p) => p.id === ride?.own?.secondPositionId) ?? (beside.length === 1 ? beside[0] : undefined)
  return second === undefined ? undefined : [position, second]
}

function ownInRow(s: PlaceSubject, places: readonly SeatingPosition[] | undefined): InRow {
  const { ride, mode, route, child, position } = s
  const own = ride?.own
  return {
    centreMm: mean((places ?? []).map((p) => p.lateralCentreMm)),
    standing: standingOf(mode, route, {
      hasExtra: own?.isExtraOff !== true,
      outsideMm: own?.outsideMm,
      shoulderBreadthMm: toInterval(child.shoulderBreadthMm),
      podSide: mode.sidePod === true ? doorSideOf(position) : undefined,
    }),
    buckles: buckles(places ?? [position]),
  }
}

function otherInRow({ vehicle }: PlaceSubject, other: OtherOfRide): InRow {
  const places = vehicle.positions.filter((p) => other.positionIds.includes(p.id))
  return {
    centreMm: mean(places.map((p) => p.lateralCentreMm)),
    standing: other.widths && { profile: profileIn(other.widths), playMm: other.playMm, needsHand: other.needsHand },
    buckles: buckles(places),
  }
}

export default defineRule({
  id: 'place-room-beside',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'practice',
  applies: (s) => othersInRow(s, s.position).length > 0,
  evaluate: (s) => {
    const others = othersInRow(s, s.position)
    const places = ownPlaces(s)
    const onIt = others.find((o) => (places ?? [s.position]).some((p) => o.positionIds.includes(p.id)))
    if (onIt !== undefined) return { kind: 'fail', says: say('taken') }
    const row = [ownInRow(s, places), ...others.map((o) => otherInRow(s, o))]
    const kind = judgeRow(
      row,
      s.vehicle.rows?.find((r) => r.row === s.position.row),
    )
    if (kind === 'undecided') return untilSeen(s, 'check.room-beside', 'room-beside')
    return { kind, says: say('judged', { kind, places: placeLabels(s, others) }) }
  },
})
