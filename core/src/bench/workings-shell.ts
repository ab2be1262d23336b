import {
  adviseNotch,
  angleBand,
  isByAirway,
  liftMm,
  MAX_SHELL_ANGLE_DEG,
  notchLengthMm,
  shellFigures,
  wedgeAngleDeg,
} from '../fit/index.ts'
import { exactly, formatNumber, toInterval } from '../quantities/index.ts'
import { angleNow, angleProofSeen, frontRoomNow, type FittedSubject } from '../rules/index.ts'
import { deg, mm, type Worked } from './worked.ts'
import * as msg from './messages.en.ts'

export function shellAngle(s: FittedSubject): Worked | undefined {
  const { mode, position, settings } = s
  if ((mode.reclines?.length ?? 0) === 0) return undefined
  const isForward = mode.direction === 'forward'
  const band = angleBand(s)
  const now = angleNow(s)
  const recline = mode.reclines?.find((r) => r.id === settings.recline?.value)
  const slope = toInterval(position.cushion?.slopeDeg)
  const wedge = settings.wedge?.value === true ? mode.wedge : undefined
  const omega = wedge ? wedgeAngleDeg(wedge.heightMm, wedge.baseLengthMm) : 0
  const known = 'angle' in now ? now : undefined
  return {
    label: msg.shellAngle,
    unit: '°',
    value: known?.angle,
    wanted:
      band === undefined
        ? msg.noTargetStatedNeverOver
        : band === 'ask-head-control'
          ? msg.dependsOnHeadControl
          : isByAirway(band)
            ? msg.atMost(band.toDeg, band.because)
            : `${band.fromDeg}–${band.toDeg}° (${band.because})`,
    // Where the shell’s own indicator has been seen, it decides, whatever the arithmetic comes to.
    window:
      band === 'ask-head-control' || angleProofSeen(s) !== undefined
        ? undefined
        : band === undefined
          ? { to: MAX_SHELL_ANGLE_DEG }
          : { from: isByAirway(band) ? undefined : band.fromDeg, to: band.toDeg },
    missing: recline === undefined ? msg.theReclineThatIsSet : slope === undefined ? msg.theCushionsSlope : undefined,
    formula: [isForward ? 'φ = θ + σ − ω' : 'φ = θ − σ + ω', msg.atanHB],
    filled:
      known === undefined
        ? []
        : known.how === 'measured'
          ? [msg.measuredInTheCar(deg(known.angle))]
          : [
              `φ = ${deg(recline?.shellAngleDeg ?? 0)} ${isForward ? '+' : '−'} ${deg(slope ?? exactly(0))} ${isForward ? '−' : '+'} ${deg(omega)} = ${deg(known.angle)}`,
              ...(wedge ? [msg.atan(wedge.heightMm, wedge.baseLengthMm, deg(omega))] : []),
            ],
  }
}

const TOUCH_TEXT = {
  'must-touch': msg.mustTouch,
  'must-not-touch': msg.mustNotTouch,
  either: msg.touchOrGap,
} as const

export function frontRoom(s: FittedSubject): Worked | undefined {
  const { mode, route, position } = s
  if (mode.direction !== 'rearward' || route.frontSeat === undefined) return undefined
  const room = frontRoomNow(s)
  const figures = shellFigures(mode)
  return {
    label: position.row === 1 ? msg.roomToTheDashboard : msg.roomToTheSeatIn,
    unit: 'mm',
    value: room?.clearanceMm,
    wanted: msg.byTheMaker(TOUCH_TEXT[route.frontSeat]),
    missing:
      figures === undefined
        ? msg.theShellsLengthAndFoot
        : position.frontClearanceMm === undefined && s.settings.frontSeatGapMm === undefined
          ? msg.theDistanceToThe(position.row === 1 ? msg.dashboard : msg.seatInFront)
          : room === undefined
            ? msg.theShellsAngle
            : undefined,
    formula: [msg.xXSlideSin, msg.clearanceDX],
    filled:
      room === undefined || figures === undefined
        ? []
        : [
            msg.xSin(
              mm(figures.footFromBackrestMm),
              mm(room.slideMm),
              mm(figures.shellLengthMm),
              deg(room.angle),
              mm(room.reachMm),
            ),
            msg.clearance(mm(room.distanceMm), mm(room.reachMm), mm(room.clearanceMm)),
          ],
  }
}

export function leg(s: FittedSubject): Worked | undefined {
  const { leg: own } = s.route
  if (own === undefined) return undefined
  const height = toInterval(s.position.cushion?.frontEdgeAboveFloorMm)
  const notch = s.settings.legNotch?.value
  const advice = height === undefined ? undefined : adviseNotch(own, height)
  const needed = advice?.neededMm
  const lift =
    notch !== undefined && needed !== undefined && notch <= own.notches ? liftMm(own, notch, needed) : undefined
  const range = msg.mmInNotches(own.minLengthMm, own.maxLengthMm, own.notches)
  return {
    label: notch === undefined ? msg.legNeeded : msg.baseLiftedByTheLeg,
    unit: 'mm',
    value: lift ?? needed,
    wanted: own.maxLiftMm === undefined ? msg.theMakerIsSilentOn(range) : msg.lifts0Mm(range, own.maxLiftMm),
    window:
      lift === undefined
        ? { from: own.minLengthMm, to: own.maxLengthMm }
        : own.maxLiftMm === undefined
          ? undefined
          : { from: 0, to: own.maxLiftMm },
    missing: height === undefined ? msg.theCushionsFrontEdgeAbove : undefined,
    formula: [msg.lCBCos, msg.lKLMinK, msg.liftLKLCos],
    filled:
      height === undefined || needed === undefined
        ? []
        : [
            msg.lCos(mm(height), mm(own.hingeAboveCushionMm), deg(own.angleFromVerticalDeg), mm(needed)),
            ...(notch === undefined || lift === undefined
              ? []
              : [
                  msg.lMm(
                    notch,
                    own.minLengthMm,
                    notch - 1,
                    own.maxLengthMm - own.minLengthMm,
                    own.notches - 1,
                    formatNumber(notchLengthMm(own, notch)),
                  ),
                  msg.liftCos(
                    formatNumber(notchLengthMm(own, notch)),
                    mm(needed),
                    deg(own.angleFromVerticalDeg),
                    mm(lift),
                  ),
                ]),
          ],
  }
}
