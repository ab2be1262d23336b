import { exactly, interval, minus, plus, toInterval, type Decision, type Interval } from '../quantities/index.ts'
import type { Mode, Route } from '../restraint/index.ts'
import type { SeatingPosition, Vehicle } from '../vehicle/index.ts'
import { shellAngleDeg, wedgeAngleDeg } from './shell-angle.ts'

const sine = (deg: number): number => Math.sin((deg * Math.PI) / 180)

/** How far the shell reaches from the vehicle's backrest, in mm: X = x₀ + slide + ℓ·sin φ. */
export function shellReachMm(
  shell: { readonly footFromBackrestMm: number; readonly shellLengthMm: number },
  angleDeg: Interval,
  slideMm: Interval = exactly(0),
): Interval {
  const { footFromBackrestMm, shellLengthMm } = shell
  const leaning = interval(shellLengthMm * sine(angleDeg.lo), shellLengthMm * sine(angleDeg.hi))
  return plus(plus(exactly(footFromBackrestMm), slideMm), leaning)
}

/**
 * The largest shell angle, in degrees from vertical, that still leaves room
 * before a distance D for certain: φ = asin((D − x₀ − slide) / ℓ). `undefined`
 * where even an upright shell does not.
 */
export function largestAngleDeg(
  shell: { readonly footFromBackrestMm: number; readonly shellLengthMm: number },
  distanceMm: Interval,
  slideMm: Interval = exactly(0),
): number | undefined {
  const share = (distanceMm.lo - shell.footFromBackrestMm - slideMm.hi) / shell.shellLengthMm
  if (share < 0) return undefined
  return share >= 1 ? 90 : Math.floor((Math.asin(share) * 1800) / Math.PI) / 10
}

/** Room between shell and the seat in front, in mm: D − X. */
export const frontClearanceMm = (distanceMm: Interval, reachMm: Interval): Interval => minus(distanceMm, reachMm)

export type TouchRule = NonNullable<Route['frontSeat']>

/**
 * Whether a clearance that was worked out satisfies the maker's touch rule.
 * Touch is a clearance of 0: arithmetic on measured values can rule it out,
 * never prove it, so "must touch" is at best undecided and has to be looked at.
 */
export function judgeTouch(rule: TouchRule, clearanceMm: Interval): Decision {
  const { lo, hi } = clearanceMm
  switch (rule) {
    case 'must-touch':
      return lo > 0 || hi < 0 ? 'fail' : lo === 0 && hi === 0 ? 'pass' : 'undecided'
    case 'must-not-touch':
      return lo > 0 ? 'pass' : hi <= 0 ? 'fail' : 'undecided'
    case 'either':
      return lo >= 0 ? 'pass' : hi < 0 ? 'fail' : 'undecided'
  }
}

/** The two figures of the shell that its reach needs, where the maker states both. */
export function shellFigures(
  mode: Mode,
): { readonly footFromBackrestMm: number; readonly shellLengthMm: number } | undefined {
  const { footFromBackrestMm, shellLengthMm } = mode
  return footFromBackrestMm === undefined || shellLengthMm === undefined
    ? undefined
    : { footFromBackrestMm, shellLengthMm }
}

/** Seats of the row in front that stand before a place; the middle has both of its neighbours before it. */
export function seatsInFront(
  vehicle: Pick<Vehicle, 'positions'>,
  position: SeatingPosition,
): readonly SeatingPosition[] {
  const row = vehicle.positions.filter((p) => p.row === position.row - 1)
  const same = row.filter((p) => p.side === position.side)
  return same.length > 0 ? same : row
}

/** Whether the driver sits before this place: that seat stands where its tallest driver needs it. */
export const isBehindDriver = (vehicle: Pick<Vehicle, 'positions'>, position: SeatingPosition): boolean =>
  seatsInFront(vehicle, position).some((p) => p.isDriverSeat === true)

/** Whether everything is known that the reach at a place follows from. */
export const isReachKnown = (mode: Mode, route: Route, position: SeatingPosition): boolean =>
  mode.shellLengthMm !== undefined &&
  mode.footFromBackrestMm !== undefined &&
  position.cushion?.slopeDeg !== undefined &&
  (mode.reclines?.some((r) => route.permittedReclines?.includes(r.id) ?? true) ?? false)

/**
 * The nearest and the furthest that a permitted recline (and an allowed wedge)
 * reaches at a place; the reach only grows with the recline. `undefined` while
 * a figure is missing or no recline is permitted.
 */
export function reachesMm(
  mode: Mode,
  route: Route,
  position: SeatingPosition,
): { readonly least: Interval; readonly most: Interval } | undefined {
  const figures = shellFigures(mode)
  const slopeDeg = toInterval(position.cushion?.slopeDeg)
  const { wedge, direction, reclines = [] } = mode
  const permitted = route.permittedReclines
  const angles = reclines.filter((r) => permitted?.includes(r.id) ?? true).map((r) => r.shellAngleDeg)
  if (figures === undefined || slopeDeg === undefined || angles.length === 0) return undefined
  const reach = (reclineDeg: number, wedgeDeg: number): Interval =>
    shellReachMm(figures, shellAngleDeg({ reclineDeg, slopeDeg, wedgeDeg, direction }))
  const omega = wedge?.allowed ? wedgeAngleDeg(wedge.heightMm, wedge.baseLengthMm) : 0
  return { least: reach(Math.min(...angles), 0), most: reach(Math.max(...angles), omega) }
}

/** What is drawn for a mode that states no figures, in mm: never used to judge. */
const USUAL_FOOTPRINT = { widthMm: 440, rearwardMm: 560, forwardMm: 430 } as const

/** What a mode takes of its place seen from above, at its most upright recline. */
export function footprintOf(
  mode: Mode,
  route: Route,
  position: SeatingPosition,
): { readonly widthMm: number; readonly reachMm: number } {
  const least = mode.direction === 'rearward' ? reachesMm(mode, route, position)?.least : undefined
  const usual = mode.direction === 'rearward' ? USUAL_FOOTPRINT.rearwardMm : USUAL_FOOTPRINT.forwardMm
  return {
    widthMm: mode.widthMm ?? USUAL_FOOTPRINT.widthMm,
    reachMm: least === undefined ? usual : (least.lo + least.hi) / 2,
  }
}
