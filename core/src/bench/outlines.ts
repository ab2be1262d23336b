import { insertThicknessMm } from '../fit/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { along, from, mid, point, USUAL, type Point } from './plane.ts'
import type { Seat, Shell } from './standing.ts'

export function frontSeatOutline(x: number, floorY: number, topY: number): readonly Point[] {
  return [
    point(x, topY),
    point(x + 150, floorY + 190),
    point(x + 210, floorY + 100),
    point(x + 330, floorY + 100),
    point(x + 300, floorY + 220),
    point(x + 105, topY),
    point(x + 95, topY + 30),
    point(x + 10, topY + 30),
  ]
}

export function childIn(s: FittedSubject, shell: Shell) {
  const sitting = mid(s.sitting?.mm)
  const shoulder = mid(s.shoulder?.mm)
  if (sitting === undefined || shoulder === undefined) return undefined
  const { foot, up, toChild } = shell
  const insert = insertThicknessMm(s.mode, s.settings.insertsIn?.value ?? [])
  const headRadiusMm = sitting * 0.15
  const at = (u: number, out: number): Point => from(foot, up, toChild, u + insert, out)
  const thigh = sitting * 0.42
  const hip = at(sitting * 0.13, 60)
  // Rearward the legs come up against the backrest, forward they hang over the edge.
  const isRearward = s.mode.direction === 'rearward'
  const free = isRearward ? Math.max(60, foot.x - 35) : thigh
  const knee = at(isRearward ? 60 + Math.max(0, thigh - free) : 55, Math.min(thigh, free))
  const shin = isRearward ? at(60 + thigh, Math.min(thigh, free) * 0.55) : along(knee, point(0.25, -0.97), thigh * 0.85)
  return {
    body: [at(shoulder, 55), hip, knee, shin],
    // How thick trunk, thigh and lower leg are drawn: shares of the sitting height, for the drawing only.
    limbs: [
      { from: at(shoulder * 0.94, 60), to: hip, widthMm: sitting * 0.2 },
      { from: hip, to: knee, widthMm: sitting * 0.15 },
      { from: knee, to: shin, widthMm: sitting * 0.11 },
    ],
    /** The way of a strap over the shoulder and down to the buckle at the hips, once it is known where it leaves the shell. */
    harnessFrom: (exit: Point): readonly Point[] => [
      exit,
      at(shoulder + 6, 30),
      at(shoulder * 0.9, 60 + sitting * 0.11),
      at(sitting * 0.13, 70 + sitting * 0.1),
    ],
    head: at(sitting - headRadiusMm, 60 + headRadiusMm * 0.35),
    headRadiusMm,
  }
}

export function shellOutline({ foot, up, toChild, length }: Shell, s: FittedSubject): readonly Point[] {
  const t = USUAL.shellThickness
  const at = (u: number, out: number): Point => from(foot, up, toChild, u, out)
  const pan = s.mode.direction === 'rearward' ? Math.max(70, Math.min(250, foot.x - 40)) : 270
  if (s.mode.shape === 'booster-cushion') return [at(0, -10), at(0, pan), at(-90, pan), at(-90, -10)]
  const edge = Math.min(length, s.mode.shellEdgeMm ?? length * 0.94)
  // Back, head wing, waist at the shoulder, side of the seat, lip of the pan.
  return [
    at(-60, -t), at(length, -t), at(length + 14, -8), at(edge, 128), at(edge - 185, 146), at(edge - 220, 82),
    at(length * 0.34, 96), at(150, Math.min(190, pan * 0.8)), at(85, pan), at(-20, pan + 12), at(-60, pan - 30),
  ] // prettier-ignore
}

export function mountOf(seat: Seat, { foot, up, toChild }: Shell): readonly Point[] {
  const top = (x: number): Point => point(x, seat.baseY(x) + 60)
  const [near, far] = toChild.x < 0 ? [90, -110] : [-90, 110]
  const below = (out: number): Point => from(foot, up, toChild, -58, out)
  return [top(foot.x + near), below(-40), below(90), top(foot.x + far)]
}

/** Whether the place has no head restraint in use. */
export const isOff = ({ position, settings }: FittedSubject): boolean =>
  position.headRestraint === 'none' || settings.vehicleHeadRestraint?.value?.startsWith('off') === true

export function tetherPath(
  s: FittedSubject,
  shell: Shell,
  backTop: Point,
  back: Point,
  restraintTopMm: number,
): readonly Point[] | undefined {
  const { topTether } = s.route
  const where = s.position.tether?.where
  if (topTether === undefined || where === undefined || where === 'none') return undefined
  const behind = (mm: number): Point => from(point(0, 0), back, point(-back.y, back.x), mm, USUAL.backThickness + 20)
  const anchorage: Record<typeof where, Point> = {
    'seat-back': behind(260),
    shelf: point(backTop.x - 260, backTop.y - 40),
    'load-floor': point(backTop.x - 260, -110),
    roof: point(backTop.x - 260, backTop.y + 330),
    'under-seat': point(-150, -120),
  }
  // Over the head restraint, or under it on its posts where the maker says so; over the bare backrest where it is off.
  const height = isOff(s)
    ? USUAL.backrestLength + 15
    : topTether.headRestraintPath === 'under'
      ? USUAL.backrestLength + 12
      : restraintTopMm + 15
  const over = from(point(0, 0), back, point(-back.y, back.x), height, -12)
  const exit = from(shell.foot, shell.up, shell.toChild, shell.length * 0.92, -USUAL.shellThickness)
  return [exit, over, along(over, point(-back.y, back.x), 100), anchorage[where]]
}

export function beltPath(
  s: FittedSubject,
  shell: Shell,
  backTop: Point,
  buckleTop: number,
): readonly Point[] | undefined {
  if (s.route.belt === undefined || s.position.belt?.kind === 'none') return undefined
  const { foot, up, toChild } = shell
  const low = from(foot, up, toChild, s.mode.direction === 'rearward' ? 20 : 70, 70)
  const start = point(70, buckleTop)
  const isLap = s.position.belt?.kind === 'lap'
  if (isLap) return [start, low, point(10, 20)]
  const chest =
    s.mode.direction === 'rearward'
      ? from(foot, up, toChild, 150, 60)
      : from(foot, up, toChild, shell.length * 0.52, 40)
  return [start, low, chest, point(backTop.x - 30, backTop.y + 90)]
}
