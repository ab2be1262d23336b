import { othersBeside, ownOf, placeLabels, placesTaken, type OtherOfRide } from '../../casefile/index.ts'
import { judgeRow, standingOf, type InRow, type SideProfile } from '../../fit/index.ts'
import { toInterval } from '../../quantities/index.ts'
import { WIDTH_POINTS } from '../../restraint/index.ts'
import { bucklesOf, doorSideOf, type SeatingPosition } from '../../vehicle/index.ts'
import { untilSeen } from '../looks.ts'
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

function ownInRow(s: PlaceSubject): { readonly at: InRow; readonly places: readonly SeatingPosition[] } {
  const { ride, model, mode, route, child, position, vehicle } = s
  const { isExtraOff, outsideMm, secondPositionId } = ownOf(ride, { model, mode, position })
  const { places, isWhole } = placesTaken(vehicle, position, { mode, route }, secondPositionId)
  return {
    places,
    at: {
      centreMm: isWhole ? mean(places.map((p) => p.lateralCentreMm)) : undefined,
      standing: standingOf(mode, route, {
        hasExtra: isExtraOff !== true,
        outsideMm,
        shoulderBreadthMm: toInterval(child.shoulderBreadthMm),
        podSide: mode.sidePod === true ? doorSideOf(position) : undefined,
      }),
      buckles: buckles(places),
    },
  }
}

function otherInRow({ vehicle }: PlaceSubject, other: OtherOfRide): InRow {
  const places = vehicle.positions.filter((p) => other.positionIds.includes(p.id))
  // Of one that lies across, one place alone does not say where its middle is.
  const isWhole = other.isAcross !== true || places.length === 2
  return {
    centreMm: isWhole ? mean(places.map((p) => p.lateralCentreMm)) : undefined,
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
  applies: (s) => othersBeside(s, s.position).length > 0,
  evaluate: (s) => {
    const others = othersBeside(s, s.position)
    const own = ownInRow(s)
    const onIt = others.find((o) => own.places.some((p) => o.positionIds.includes(p.id)))
    if (onIt !== undefined) return { kind: 'fail', says: say('taken') }
    const row = [own.at, ...others.map((o) => otherInRow(s, o))]
    const { kind, marginMm, lacks } = judgeRow(
      row,
      s.vehicle.rows?.find((r) => r.row === s.position.row),
    )
    if (kind === 'undecided') return untilSeen(s, 'check.room-beside', 'room-beside')
    return {
      kind,
      unit: 'mm',
      ...(marginMm !== undefined && { margin: marginMm }),
      says: say('judged', { lacks, marginMm, places: placeLabels(s, others) }),
    }
  },
})
