import { angleBand, insertThicknessMm } from '../fit/index.ts'
import { toInterval } from '../quantities/index.ts'
import { angleNow, frontRoomNow, type FittedSubject } from '../rules/index.ts'
import { handlesOf, type Handle } from './handles.ts'
import { headLineMm } from './workings-child.ts'
import { beltPath, childIn, frontSeatOutline, isOff, mountOf, shellOutline, tetherPath } from './outlines.ts'
import { along, from, leaning, mid, point, radians, USUAL, type Point } from './plane.ts'
import { angleDrawn, legAt, placeShell, vehicleSeat, type Leg } from './standing.ts'
import * as msg from './messages.en.ts'

/**
 * The fitting cut through the middle of its place, seen from the car's left:
 * x runs forward from the bight, y up from it, both in mm. Figures that nobody
 * has measured are drawn at a usual size and named in `assumed`.
 */
export interface Section {
  readonly cushion: readonly Point[]
  readonly backrest: readonly Point[]
  readonly headRestraint: readonly Point[] | undefined
  readonly floorY: number
  readonly cushionFront: Point
  readonly slopeDeg: number
  readonly frontSeat: { readonly outline: readonly Point[]; readonly x: number } | undefined
  readonly base: readonly Point[]
  /** What carries the shell on its base; nothing measures it. */
  readonly mount: readonly Point[] | undefined
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
  readonly child:
    | {
        readonly body: readonly Point[]
        /** Trunk, thigh and lower leg, each as thick as it is drawn. */
        readonly limbs: readonly { readonly from: Point; readonly to: Point; readonly widthMm: number }[]
        readonly head: Point
        readonly headRadiusMm: number
      }
    | undefined
  /** The restraint's own strap as it holds the child; nothing where no height is set, or none holds. */
  readonly harness: readonly Point[] | undefined
  readonly leg: Leg | undefined
  readonly tether: readonly Point[] | undefined
  /** The vehicle belt from its buckle over the restraint to its upper anchorage; a sketch of the way it runs. */
  readonly belt: readonly Point[] | undefined
  readonly buckle: { readonly top: Point; readonly edge: Point } | undefined
  /** What can be dragged: each value and where its handle then stands. */
  readonly handles: readonly Handle[]
  readonly assumed: readonly string[]
  readonly bounds: { readonly minX: number; readonly minY: number; readonly maxX: number; readonly maxY: number }
}

/** The drawing of one fitting as it is set. */
export function sectionOf(s: FittedSubject): Section {
  const assumed: string[] = []
  const { mode, route, position, settings } = s
  const seat = vehicleSeat(s, assumed)
  const back = leaning(-(position.backrestDeg ?? USUAL.backrestDeg))
  if (position.backrestDeg === undefined) assumed.push(msg.backrestDrawnLeaning(USUAL.backrestDeg))
  const behind = point(-back.y, back.x)
  const backTop = along(point(0, 0), back, USUAL.backrestLength)
  const angleDeg = angleDrawn(s)
  if (!('angle' in angleNow(s))) assumed.push(msg.shellAngle2)
  const slideMm = Math.min(settings.slideMm?.value ?? 0, mode.slidesOnBaseMm ?? 0)
  const shell = placeShell(s, seat, angleDeg, slideMm)
  if (mode.shellLengthMm === undefined) assumed.push(msg.shellLength)
  if (mode.sitAboveCushionMm === undefined) assumed.push(msg.heightOfTheSeatAbove)
  const band = angleBand(s)
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
  const seated = childIn(s, shell)
  const strapAt = onBack(settings.strapHeightMm?.value)
  const notch = settings.legNotch?.value
  const leg = route.leg && legAt(s, seat, notch)
  const top = mid(toInterval(position.headRestraintTopMm))
  const restraintTop = top === undefined ? USUAL.backrestLength + 190 : top / back.y
  const tether = tetherPath(s, shell, backTop, back, restraintTop)
  const edgeTop = position.belt?.buckleTopMm === undefined ? undefined : mid(toInterval(position.belt.buckleTopMm))
  const pathEdge = route.belt?.lock.kind === 'free' ? undefined : route.belt?.pathEdgeAboveBightMm
  const edge = mode.headRule === 'ears-below-vehicle-head-restraint' ? undefined : (mode.shellEdgeMm ?? undefined)
  const drawn = {
    cushion: [
      point(0, 0), seat.front, point(seat.front.x + 12, seat.front.y - USUAL.cushionThickness),
      point(-20, -USUAL.cushionThickness - 20), along(point(0, 0), behind, USUAL.backThickness),
    ], // prettier-ignore
    backrest: [point(0, 0), backTop, from(backTop, back, behind, 0, USUAL.backThickness), along(point(0, 0), behind, USUAL.backThickness)], // prettier-ignore
    headRestraint: isOff(s)
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
    mount: mode.shape === 'booster-cushion' ? undefined : mountOf(seat, shell),
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
    strapAt,
    shoulderAt: onBack(shoulder === undefined ? undefined : shoulder + insert),
    edgeAt: onBack(edge),
    headLineAt: edge === undefined ? undefined : onBack(mid(headLineMm(s))),
    child: seated && { body: seated.body, limbs: seated.limbs, head: seated.head, headRadiusMm: seated.headRadiusMm },
    harness: mode.heldBy === 'harness' && strapAt ? seated?.harnessFrom(strapAt) : undefined,
    leg,
    tether,
    belt: beltPath(s, shell, backTop, edgeTop ?? 60),
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
    ...(drawn.tether ?? []), ...(drawn.belt ?? []), ...(drawn.leg ? [drawn.leg.foot] : []), ...recline.map((x) => x.at),
    ...(child ? [child.head, point(child.head.x, child.head.y + child.headRadiusMm)] : []),
  ] // prettier-ignore
  const xs = points.map((p) => p.x)
  const ys = points.map((p) => p.y)
  const margin = 70
  return {
    // The figure of a tether stands behind its strap.
    minX: Math.min(...xs) - margin - (drawn.tether ? 60 : 0),
    maxX: Math.max(...xs, 620) + margin,
    minY: Math.min(...ys, drawn.floorY) - margin,
    maxY: Math.max(...ys) + margin,
  }
}
