import { notchLengthMm } from '../fit/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { leaning, point, radians, USUAL, type Point } from './plane.ts'
import { angleDrawn, placeShell, type Seat } from './standing.ts'

type HandleId = 'recline' | 'frontSeatGapMm' | 'legNotch' | 'wedge' | 'slideMm'
export interface Handle {
  readonly id: HandleId
  readonly at: Point
  readonly stops: readonly { readonly value: string | number | boolean; readonly at: Point }[]
}

export function handlesOf(
  s: FittedSubject,
  seat: Seat,
  slideMm: number,
  frontSeat: { readonly x: number } | undefined,
): readonly Handle[] {
  const { mode, route, settings } = s
  const handles: Handle[] = []
  const add = (id: HandleId, stops: Handle['stops'], current: unknown): void => {
    if (stops.length < 2) return
    const at = (stops.find((x) => x.value === current) ?? stops[0])?.at
    if (at) handles.push({ id, at, stops })
  }
  const tilt = mode.direction === 'forward' ? seat.slopeDeg - seat.omegaDeg : seat.omegaDeg - seat.slopeDeg
  add(
    'recline',
    (mode.reclines ?? []).map((r) => ({
      value: r.id,
      at: placeShell(s, seat, r.shellAngleDeg + tilt, slideMm).top,
    })),
    settings.recline?.value,
  )
  if (route.leg) {
    const { leg } = route
    const reach = leaning(leg.angleFromVerticalDeg)
    const hinge = point(seat.front.x + 20, seat.front.y + leg.hingeAboveCushionMm)
    add(
      'legNotch',
      Array.from({ length: leg.notches }, (_, i) => {
        const length = notchLengthMm(leg, i + 1)
        return { value: i + 1, at: point(hinge.x + reach.x * length, hinge.y - reach.y * length) }
      }),
      settings.legNotch?.value,
    )
  }
  if (mode.wedge) {
    const at = (height: number): Point => point(30, 30 * Math.tan(radians(seat.slopeDeg)) + height)
    add('wedge', [{ value: false, at: at(0) }, { value: true, at: at(mode.wedge.heightMm) }], settings.wedge?.value ?? false) // prettier-ignore
  }
  if (mode.slidesOnBaseMm) {
    const steps = Math.floor(mode.slidesOnBaseMm / USUAL.slideStepMm)
    const shell = placeShell(s, seat, angleDrawn(s), 0)
    add(
      'slideMm',
      Array.from({ length: steps + 1 }, (_, i) => ({
        value: i * USUAL.slideStepMm,
        at: point(shell.foot.x + i * USUAL.slideStepMm, shell.foot.y - 30),
      })),
      settings.slideMm?.value ?? 0,
    )
  }
  if (frontSeat && mode.direction === 'rearward' && s.position.row > 1 && route.frontSeat !== undefined) {
    const range = s.position.frontSeatRangeMm
    const low = range?.fullyBackMm ?? Math.max(0, Math.round(frontSeat.x) - 200)
    const high = range?.fullyForwardMm ?? Math.round(frontSeat.x) + 200
    const y = seat.floorY + 260
    const step = USUAL.frontSeatStepMm
    const stops = Array.from({ length: Math.floor((high - low) / step) + 1 }, (_, i) => ({
      value: low + i * step,
      at: point(low + i * step + 130, y),
    }))
    if (stops.length > 1) handles.push({ id: 'frontSeatGapMm', at: point(frontSeat.x + 130, y), stops })
  }
  return handles
}
