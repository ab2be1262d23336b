import { notchLengthMm, wedgeAngleDeg } from '../fit/index.ts'
import { middle, toInterval } from '../quantities/index.ts'
import { angleNow, type FittedSubject } from '../rules/index.ts'
import { along, leaning, mid, point, radians, USUAL, type Point } from './plane.ts'
import * as msg from './messages.en.ts'

/** Where the shell stands for one angle and slide. */
export function placeShell(s: FittedSubject, seat: Seat, angleDeg: number, slideMm: number) {
  const isForward = s.mode.direction !== 'rearward'
  const length = s.mode.shellLengthMm ?? USUAL.shellLength
  const x0 = (s.mode.footFromBackrestMm ?? (isForward ? USUAL.footForward : USUAL.footFromBackrest)) + slideMm
  const foot = point(x0, seat.baseY(x0) + (s.mode.sitAboveCushionMm ?? USUAL.seatHeight[s.mode.shape]))
  const up = leaning(isForward ? -angleDeg : angleDeg)
  // A child faces away from its shell's back: rearward that is towards the backrest.
  const toChild = isForward ? point(up.y, -up.x) : point(-up.y, up.x)
  return { foot, up, toChild, top: along(foot, up, length), length }
}

export interface Seat {
  readonly slopeDeg: number
  readonly front: Point
  readonly floorY: number
  readonly liftMm: number
  readonly baseLength: number
  readonly omegaDeg: number
  /** Underside of the base at a distance from the bight. */
  readonly baseY: (x: number) => number
}

export function vehicleSeat(s: FittedSubject, assumed: string[]): Seat {
  const { cushion } = s.position
  const slope = mid(toInterval(cushion?.slopeDeg))
  const depth = mid(toInterval(cushion?.depthMm))
  const above = mid(toInterval(cushion?.frontEdgeAboveFloorMm))
  if (slope === undefined) assumed.push(msg.cushionSlopeDrawnLevel)
  if (depth === undefined) assumed.push(msg.cushionDepthDrawnMm(USUAL.cushionDepth))
  if (above === undefined && s.route.leg) assumed.push(msg.cushionHeightDrawnMm(USUAL.floorBelow))
  const slopeDeg = slope ?? 0
  const d = depth ?? USUAL.cushionDepth
  const front = point(d * Math.cos(radians(slopeDeg)), d * Math.sin(radians(slopeDeg)))
  const floorY = front.y - (above ?? USUAL.floorBelow)
  const wedge = s.settings.wedge?.value === true ? s.mode.wedge : undefined
  const omegaDeg = wedge ? wedgeAngleDeg(wedge.heightMm, wedge.baseLengthMm) : 0
  const baseLength = wedge?.baseLengthMm ?? d - 30
  // The wedge raises the base at the bight, a leg that is too long at the front edge.
  const liftMm = Math.max(0, legLift(s, front.y - floorY))
  const rear = Math.tan(radians(omegaDeg)) * baseLength
  const baseY = (x: number): number =>
    x * Math.tan(radians(slopeDeg)) + rear * (1 - x / baseLength) + (liftMm * x) / front.x
  return { slopeDeg, front, floorY, liftMm, baseLength, omegaDeg, baseY }
}

/** How far the notch that is set lifts the base (+) or leaves a gap (−), at the middle of what was measured. */
function legLift(s: FittedSubject, frontAboveFloorMm: number): number {
  const { leg } = s.route
  const notch = s.settings.legNotch?.value
  if (leg === undefined || notch === undefined || notch > leg.notches) return 0
  return (
    notchLengthMm(leg, notch) * Math.cos(radians(leg.angleFromVerticalDeg)) -
    (frontAboveFloorMm + leg.hingeAboveCushionMm)
  )
}

/** The angle that is drawn: known, or of the first recline on the cushion as far as that is known. */
export function angleDrawn(s: FittedSubject): number {
  const now = angleNow(s)
  if ('angle' in now) return middle(now.angle)
  const slope = mid(toInterval(s.position.cushion?.slopeDeg)) ?? 0
  const recline = s.mode.reclines?.find((r) => r.id === s.settings.recline?.value) ?? s.mode.reclines?.[0]
  if (recline === undefined) return s.mode.direction === 'rearward' ? 30 : 16
  return recline.shellAngleDeg + (s.mode.direction === 'forward' ? slope : -slope)
}

export function legAt(s: FittedSubject, seat: Seat, notch: number | undefined): Leg | undefined {
  const { leg } = s.route
  if (leg === undefined) return undefined
  const reach = leaning(leg.angleFromVerticalDeg)
  const hinge = point(seat.front.x + 20, seat.front.y + leg.hingeAboveCushionMm + seat.liftMm)
  const needed = (hinge.y - seat.floorY) / reach.y
  const isSet = notch !== undefined && notch <= leg.notches
  const length = isSet ? notchLengthMm(leg, notch) : Math.min(Math.max(needed, leg.minLengthMm), leg.maxLengthMm)
  return { hinge, foot: point(hinge.x + reach.x * length, hinge.y - reach.y * length), isSet }
}

export type Shell = ReturnType<typeof placeShell>

/** A support leg as it is set, or as it would just reach the floor. */
export interface Leg {
  readonly hinge: Point
  readonly foot: Point
  readonly isSet: boolean
}
