import { frontClearanceMm, shellFigures, shellReachMm } from '../fit/index.ts'
import { exactly, interval, toInterval, type Interval } from '../quantities/index.ts'
import { angleNow } from './angle-now.ts'
import { oncePerFitting } from './once.ts'

export interface FrontRoom {
  readonly angle: Interval
  /** D: backrest to the seat in front, as it stands or at the tallest driver's setting. */
  readonly distanceMm: Interval
  readonly isAsSet: boolean
  readonly slideMm: Interval
  /** X: how far the shell reaches. */
  readonly reachMm: Interval
  readonly clearanceMm: Interval
}

/** Room in front of the shell as it is set, or `undefined` while a figure is missing. */
export const frontRoomNow = oncePerFitting((s): FrontRoom | undefined => {
  const now = angleNow(s)
  const figures = shellFigures(s.mode)
  const asSet = s.settings.frontSeatGapMm?.value
  const distanceMm = asSet === undefined ? toInterval(s.position.frontClearanceMm) : exactly(asSet)
  if (!('angle' in now) || figures === undefined || distanceMm === undefined) return undefined
  // A slide that nobody recorded may stand anywhere on its track.
  const most = s.mode.slidesOnBaseMm ?? 0
  const slide = s.settings.slideMm?.value
  const slideMm = slide === undefined ? interval(0, most) : exactly(Math.min(slide, most))
  const reachMm = shellReachMm(figures, now.angle, slideMm)
  return {
    angle: now.angle,
    distanceMm,
    isAsSet: asSet !== undefined,
    slideMm,
    reachMm,
    clearanceMm: frontClearanceMm(distanceMm, reachMm),
  }
})
