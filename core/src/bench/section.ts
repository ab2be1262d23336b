import { angleBand, insertThicknessMm, notchLengthMm, wedgeAngleDeg } from '../fit/index.ts'
import { middle, toInterval, type Interval } from '../quantities/index.ts'
import { angleNow, frontRoomNow, type FittedSubject } from '../rules/index.ts'
import { headLineMm } from './lines.ts'

/**
 * The fitting cut through the middle of its place, seen from the car's left:
 * x runs forward from the bight, y up from it, both in mm. Figures that nobody
 * has measured are drawn at a usual size and named in `assumed`.
 */
export interface Point {
  readonly x: number
  readonly y: number
}

export interface Section {
  readonly cushion: readonly Point[]
  readonly backrest: readonly Point[]
  readonly headRestraint: readonly Point[] | undefined
  readonly floorY: number
  readonly cushionFront: Point
  readonly slopeDeg: number
  readonly frontSeat: { readonly outline: readonly Point[]; readonly x: number } | undefined
  readonly base: readonly Point[]
  readonly wedge: readonly Point[] | undefined
  readonly shell: readonly Point[]
  readonly shellFoot: Point
  readonly shellTop: Point
  /** Unit vector up the back surface, and from it towards the child. */
  readonly up: Point
  readonly toChild: Point
  readonly angleDeg: number
  readonly band: { readonly fromDeg: number; readonly toDeg: number } | undefined
  readonly slots: readonly { readonly at: Point; readonly heightMm: number }[]
  readonly strapAt: Point | undefined
  readonly shoulderAt: Point | undefined
  readonly edgeAt: Point | undefined
  readonly headLineAt: Point | undefined
  readonly child: { readonly body: readonly Point[]; readonly head: Point; readonly headRadiusMm: number } | undefined
  readonly leg: { readonly hinge: Point; readonly foot: Point; readonly isSet: boolean } | undefined
  readonly tether: readonly Point[] | undefined
  readonly buckle: { readonly top: Point; readonly edge: Point } | undefined
  /** What can be dragged: each value and where its handle then stands. */
  readonly handles: readonly Handle[]
  readonly assumed: readonly string[]
  readonly bounds: { readonly minX: number; readonly minY: number; readonly maxX: number; readonly maxY: number }
}

export type HandleId = 'recline' | 'frontSeatGapMm' | 'legNotch' | 'wedge' | 'slideMm'
export interface Handle {
  readonly id: HandleId
  readonly at: Point
  readonly stops: readonly { readonly value: string | number | boolean; readonly at: Point }[]
}

/** Sizes of what no record states, in mm and degrees: they serve the drawing, never a judgement. */
const USUAL = {
  backrestDeg: 22,
  backrestLength: 600,
  cushionDepth: 480,
  cushionThickness: 130,
  backThickness: 100,
  floorBelow: 330,
  shellLength: 620,
  footFromBackrest: 240,
  footForward: 120,
  shellThickness: 45,
  frontSeatStepMm: 10,
  slideStepMm: 5,
  seatHeight: { 'infant-shell': 130, 'lie-flat': 120, seat: 130, 'booster-seat': 100, 'booster-cushion': 110 },
} as const

const radians = (deg: number): number => (deg * Math.PI) / 180
const point = (x: number, y: number): Point => ({ x, y })
const along = (from: Point, direction: Point, mm: number): Point =>
  point(from.x + direction.x * mm, from.y + direction.y * mm)
const from = (origin: Point, up: Point, side: Point, u: number, s: number): Point =>
  along(along(origin, up, u), side, s)

/** Direction of a line that leans `deg` from vertical, towards the front of the car when positive. */
const leaning = (deg: number): Point => point(Math.sin(radians(deg)), Math.cos(radians(deg)))

const mid = (x: Interval | undefined): number | undefined => (x === undefined ? undefined : middle(x))

/** Where the shell stands for one angle and slide. */
function placeShell(s: FittedSubject, seat: Seat, angleDeg: number, slideMm: number) {
  const isForward = s.mode.direction !== 'rearward'
  const length = s.mode.shellLengthMm ?? USUAL.shellLength
  const x0 = (s.mode.footFromBackrestMm ?? (isForward ? USUAL.footForward : USUAL.footFromBackrest)) + slideMm
  const foot = point(x0, seat.baseY(x0) + (s.mode.sitAboveCushionMm ?? USUAL.seatHeight[s.mode.shape]))
  const up = leaning(isForward ? -angleDeg : angleDeg)
  // A child faces away from its shell's back: rearward that is towards the backrest.
  const toChild = isForward ? point(up.y, -up.x) : point(-up.y, up.x)
  return { foot, up, toChild, top: along(foot, up, length), length }
}

interface Seat {
  readonly slopeDeg: number
  readonly front: Point
  readonly floorY: number
  readonly liftMm: number
  readonly baseLength: number
  readonly omegaDeg: number
  /** Underside of the base at a distance from the bight. */
  readonly baseY: (x: number) => number
}

function vehicleSeat(s: FittedSubject, assumed: string[]): Seat {
  const { cushion } = s.position
  const slope = mid(toInterval(cushion?.slopeDeg))
  const depth = mid(toInterval(cushion?.depthMm))
  const above = mid(toInterval(cushion?.frontEdgeAboveFloorMm))
  if (slope === undefined) assumed.push('cushion slope, drawn level')
  if (depth === undefined) assumed.push(`cushion depth, drawn ${USUAL.cushionDepth} mm`)
  if (above === undefined && s.route.leg) assumed.push(`cushion height, drawn ${USUAL.floorBelow} mm`)
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

function frontSeatOutline(x: number, floorY: number, topY: number): readonly Point[] {
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

type Shell = ReturnType<typeof placeShell>

function childIn(s: FittedSubject, shell: Shell) {
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
    head: at(sitting - headRadiusMm, 60 + headRadiusMm * 0.35),
    headRadiusMm,
  }
}

function shellOutline({ foot, up, toChild, length }: Shell, s: FittedSubject): readonly Point[] {
  const t = USUAL.shellThickness
  const at = (u: number, out: number): Point => from(foot, up, toChild, u, out)
  const pan = s.mode.direction === 'rearward' ? Math.max(70, Math.min(250, foot.x - 40)) : 270
  if (s.mode.shape === 'booster-cushion') return [at(0, -10), at(0, pan), at(-90, pan), at(-90, -10)]
  const edge = Math.min(length, s.mode.shellEdgeMm ?? length * 0.94)
  return [
    at(-60, -t), at(length, -t), at(length, 25), at(edge, 120), at(length * 0.55, 105),
    at(length * 0.2, 150), at(60, pan), at(-60, pan),
  ] // prettier-ignore
}

function tetherPath(s: FittedSubject, shell: Shell, backTop: Point, back: Point): readonly Point[] | undefined {
  const { topTether } = s.route
  const where = s.position.tether?.where
  if (topTether === undefined || topTether.use === 'not-used' || where === undefined || where === 'none')
    return undefined
  const behind = (mm: number): Point => from(point(0, 0), back, point(-back.y, back.x), mm, USUAL.backThickness + 20)
  const anchorage: Record<typeof where, Point> = {
    'seat-back': behind(260),
    shelf: point(backTop.x - 260, backTop.y - 40),
    'load-floor': point(backTop.x - 260, -110),
    roof: point(backTop.x - 260, backTop.y + 330),
    'under-seat': point(-150, -120),
  }
  const over = along(backTop, back, s.position.headRestraint === 'none' ? 20 : 150)
  const exit = from(shell.foot, shell.up, shell.toChild, shell.length * 0.92, -USUAL.shellThickness)
  return [exit, point(over.x + 10, over.y), point(over.x - 90, over.y - 10), anchorage[where]]
}

function handlesOf(s: FittedSubject, seat: Seat, slideMm: number, frontSeat: Section['frontSeat']): readonly Handle[] {
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

/** The angle that is drawn: known, or of the first recline on the cushion as far as that is known. */
function angleDrawn(s: FittedSubject): number {
  const now = angleNow(s)
  if ('angle' in now) return middle(now.angle)
  const slope = mid(toInterval(s.position.cushion?.slopeDeg)) ?? 0
  const recline = s.mode.reclines?.find((r) => r.id === s.settings.recline?.value) ?? s.mode.reclines?.[0]
  if (recline === undefined) return s.mode.direction === 'rearward' ? 30 : 16
  return recline.shellAngleDeg + (s.mode.direction === 'forward' ? slope : -slope)
}

/** The drawing of one fitting as it is set. */
export function sectionOf(s: FittedSubject): Section {
  const assumed: string[] = []
  const { mode, route, position, settings } = s
  const seat = vehicleSeat(s, assumed)
  const back = leaning(-(position.backrestDeg ?? USUAL.backrestDeg))
  if (position.backrestDeg === undefined) assumed.push(`backrest, drawn leaning ${USUAL.backrestDeg}°`)
  const behind = point(-back.y, back.x)
  const backTop = along(point(0, 0), back, USUAL.backrestLength)
  const angleDeg = angleDrawn(s)
  if (!('angle' in angleNow(s))) assumed.push('shell angle')
  const slideMm = Math.min(settings.slideMm?.value ?? 0, mode.slidesOnBaseMm ?? 0)
  const shell = placeShell(s, seat, angleDeg, slideMm)
  if (mode.shellLengthMm === undefined) assumed.push('shell length')
  if (mode.sitAboveCushionMm === undefined) assumed.push('height of the seat above the cushion')
  const band = angleBand(mode, s.child, s.today)
  const distance = settings.frontSeatGapMm?.value ?? mid(toInterval(position.frontClearanceMm))
  const room = frontRoomNow(s)
  const frontX = position.row === 1 ? undefined : (mid(room?.distanceMm) ?? distance)
  const frontTop = Math.max(470, shell.top.y + 25)
  const frontSeat =
    frontX === undefined ? undefined : { x: frontX, outline: frontSeatOutline(frontX, seat.floorY, frontTop) }
  const insert = insertThicknessMm(mode, settings.insertsIn?.value ?? [])
  const onBack = (mm: number | undefined): Point | undefined =>
    mm === undefined ? undefined : along(shell.foot, shell.up, mm)
  const shoulder = mid(s.shoulder?.mm)
  const adjuster = mode.strap?.adjuster
  const slots = adjuster?.kind === 'slots' ? adjuster.heightsMm.toSorted((a, b) => a - b) : []
  const child = childIn(s, shell)
  const notch = settings.legNotch?.value
  const leg = route.leg && legAt(s, seat, notch)
  const top = mid(toInterval(position.headRestraintTopMm))
  const restraintTop = top === undefined ? USUAL.backrestLength + 190 : top / back.y
  const edgeTop = position.belt?.buckleTopMm === undefined ? undefined : mid(toInterval(position.belt.buckleTopMm))
  const pathEdge = route.belt?.lock.kind === 'free' ? undefined : route.belt?.pathEdgeAboveBightMm
  const tether = tetherPath(s, shell, backTop, back)
  const edge = mode.headRule === 'ears-below-vehicle-head-restraint' ? undefined : (mode.shellEdgeMm ?? undefined)
  const drawn = {
    cushion: [
      point(0, 0), seat.front, point(seat.front.x + 12, seat.front.y - USUAL.cushionThickness),
      point(-20, -USUAL.cushionThickness - 20), along(point(0, 0), behind, USUAL.backThickness),
    ], // prettier-ignore
    backrest: [point(0, 0), backTop, from(backTop, back, behind, 0, USUAL.backThickness), along(point(0, 0), behind, USUAL.backThickness)], // prettier-ignore
    headRestraint:
      position.headRestraint === 'none' || settings.vehicleHeadRestraint?.value?.startsWith('off')
        ? undefined
        : [
            from(point(0, 0), back, behind, USUAL.backrestLength + 25, -12),
            from(point(0, 0), back, behind, restraintTop, -12),
            from(point(0, 0), back, behind, restraintTop, 75),
            from(point(0, 0), back, behind, USUAL.backrestLength + 25, 75),
          ],
    floorY: seat.floorY,
    cushionFront: seat.front,
    slopeDeg: seat.slopeDeg,
    frontSeat,
    base: [
      point(12, seat.baseY(12)), point(seat.front.x - 10, seat.baseY(seat.front.x - 10)),
      point(seat.front.x - 10, seat.baseY(seat.front.x - 10) + 55), point(12, seat.baseY(12) + 80),
    ], // prettier-ignore
    wedge:
      settings.wedge?.value === true && mode.wedge
        ? [point(12, 12 * Math.tan(radians(seat.slopeDeg))), point(12, seat.baseY(12)), point(mode.wedge.baseLengthMm, mode.wedge.baseLengthMm * Math.tan(radians(seat.slopeDeg)))] // prettier-ignore
        : undefined,
    shell: shellOutline(shell, s),
    shellFoot: shell.foot,
    shellTop: shell.top,
    up: shell.up,
    toChild: shell.toChild,
    angleDeg,
    band: band === undefined || band === 'ask-head-control' ? undefined : { fromDeg: band.fromDeg, toDeg: band.toDeg },
    slots: slots.map((heightMm) => ({ heightMm, at: along(shell.foot, shell.up, heightMm) })),
    strapAt: onBack(settings.strapHeightMm?.value),
    shoulderAt: onBack(shoulder === undefined ? undefined : shoulder + insert),
    edgeAt: onBack(edge),
    headLineAt: edge === undefined ? undefined : onBack(mid(headLineMm(s))),
    child,
    leg,
    tether,
    buckle:
      edgeTop === undefined || pathEdge === undefined
        ? undefined
        : { top: point(70, edgeTop), edge: point(120, pathEdge) },
    handles: handlesOf(s, seat, slideMm, frontSeat),
    assumed,
  }
  return { ...drawn, bounds: boundsOf(drawn) }
}

/** A frame round everything that is drawn, with room for figures. */
function boundsOf(drawn: Omit<Section, 'bounds'>): Section['bounds'] {
  const { child, handles } = drawn
  const recline = handles.find((h) => h.id === 'recline')?.stops ?? []
  const points = [
    ...drawn.cushion, ...drawn.backrest, ...drawn.shell, ...(drawn.headRestraint ?? []), ...(drawn.frontSeat?.outline ?? []),
    ...(drawn.tether ?? []), ...(drawn.leg ? [drawn.leg.foot] : []), ...recline.map((x) => x.at),
    ...(child ? [child.head, point(child.head.x, child.head.y + child.headRadiusMm)] : []),
  ] // prettier-ignore
  const xs = points.map((p) => p.x)
  const ys = points.map((p) => p.y)
  const margin = 70
  return {
    minX: Math.min(...xs) - margin,
    maxX: Math.max(...xs, 620) + margin,
    minY: Math.min(...ys, drawn.floorY) - margin,
    maxY: Math.max(...ys) + margin,
  }
}

function legAt(s: FittedSubject, seat: Seat, notch: number | undefined): Section['leg'] {
  const { leg } = s.route
  if (leg === undefined) return undefined
  const reach = leaning(leg.angleFromVerticalDeg)
  const hinge = point(seat.front.x + 20, seat.front.y + leg.hingeAboveCushionMm + seat.liftMm)
  const needed = (hinge.y - seat.floorY) / reach.y
  const isSet = notch !== undefined && notch <= leg.notches
  const length = isSet ? notchLengthMm(leg, notch) : Math.min(Math.max(needed, leg.minLengthMm), leg.maxLengthMm)
  return { hinge, foot: point(hinge.x + reach.x * length, hinge.y - reach.y * length), isSet }
}
