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
    label: 'Shell angle',
    unit: '°',
    value: known?.angle,
    wanted:
      band === undefined
        ? 'no target stated; never over 45°'
        : band === 'ask-head-control'
          ? 'depends on head control'
          : isByAirway(band)
            ? `at most ${band.toDeg}°, ${band.because}`
            : `${band.fromDeg}–${band.toDeg}° (${band.because})`,
    // Where the shell’s own indicator has been seen, it decides, whatever the arithmetic comes to.
    window:
      band === 'ask-head-control' || angleProofSeen(s) !== undefined
        ? undefined
        : band === undefined
          ? { to: MAX_SHELL_ANGLE_DEG }
          : { from: isByAirway(band) ? undefined : band.fromDeg, to: band.toDeg },
    missing:
      recline === undefined ? 'the recline that is set' : slope === undefined ? 'the cushion’s slope' : undefined,
    formula: [isForward ? 'φ = θ + σ − ω' : 'φ = θ − σ + ω', 'ω = atan(h / B)'],
    filled:
      known === undefined
        ? []
        : known.how === 'measured'
          ? [`φ = ${deg(known.angle)}, measured in the car`]
          : [
              `φ = ${deg(recline?.shellAngleDeg ?? 0)} ${isForward ? '+' : '−'} ${deg(slope ?? exactly(0))} ${isForward ? '−' : '+'} ${deg(omega)} = ${deg(known.angle)}`,
              ...(wedge ? [`ω = atan(${wedge.heightMm} / ${wedge.baseLengthMm}) = ${deg(omega)}`] : []),
            ],
  }
}

const TOUCH_TEXT = {
  'must-touch': 'must touch',
  'must-not-touch': 'must not touch',
  either: 'touch or gap',
} as const

export function frontRoom(s: FittedSubject): Worked | undefined {
  const { mode, route, position } = s
  if (mode.direction !== 'rearward' || route.frontSeat === undefined) return undefined
  const room = frontRoomNow(s)
  const figures = shellFigures(mode)
  return {
    label: position.row === 1 ? 'Room to the dashboard' : 'Room to the seat in front',
    unit: 'mm',
    value: room?.clearanceMm,
    wanted: `${TOUCH_TEXT[route.frontSeat]}, by the maker`,
    missing:
      figures === undefined
        ? 'the shell’s length and foot, in the catalogue'
        : position.frontClearanceMm === undefined && s.settings.frontSeatGapMm === undefined
          ? `the distance to the ${position.row === 1 ? 'dashboard' : 'seat in front'}`
          : room === undefined
            ? 'the shell’s angle'
            : undefined,
    formula: ['X = x₀ + slide + ℓ·sin φ', 'clearance = D − X'],
    filled:
      room === undefined || figures === undefined
        ? []
        : [
            `X = ${mm(figures.footFromBackrestMm)} + ${mm(room.slideMm)} + ${mm(figures.shellLengthMm)}·sin ${deg(room.angle)} = ${mm(room.reachMm)}`,
            `clearance = ${mm(room.distanceMm)} − ${mm(room.reachMm)} = ${mm(room.clearanceMm)}`,
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
  const range = `${own.minLengthMm}–${own.maxLengthMm} mm in ${own.notches} notches`
  return {
    label: notch === undefined ? 'Leg needed' : 'Base lifted by the leg',
    unit: 'mm',
    value: lift ?? needed,
    wanted:
      own.maxLiftMm === undefined ? `${range}; the maker is silent on lift` : `${range}; lifts 0–${own.maxLiftMm} mm`,
    window:
      lift === undefined
        ? { from: own.minLengthMm, to: own.maxLengthMm }
        : own.maxLiftMm === undefined
          ? undefined
          : { from: 0, to: own.maxLiftMm },
    missing: height === undefined ? 'the cushion’s front edge above the bare floor' : undefined,
    formula: ['L = (C + b) / cos ψ', 'L_k = L_min + (k − 1)·(L_max − L_min) / (N − 1)', 'lift = (L_k − L)·cos ψ'],
    filled:
      height === undefined || needed === undefined
        ? []
        : [
            `L = (${mm(height)} + ${mm(own.hingeAboveCushionMm)}) / cos ${deg(own.angleFromVerticalDeg)} = ${mm(needed)}`,
            ...(notch === undefined || lift === undefined
              ? []
              : [
                  `L_${notch} = ${own.minLengthMm} + ${notch - 1}·${own.maxLengthMm - own.minLengthMm} / ${own.notches - 1} = ${formatNumber(notchLengthMm(own, notch))} mm`,
                  `lift = (${formatNumber(notchLengthMm(own, notch))} − ${mm(needed)})·cos ${deg(own.angleFromVerticalDeg)} = ${mm(lift)}`,
                ]),
          ],
  }
}
