import { bestFirst, type Decision } from '../quantities/index.ts'
import type { Route } from '../restraint/index.ts'
import type { SeatingPosition, Vehicle } from '../vehicle/index.ts'
import type { RawFinding } from '../rules/index.ts'
import type { StockItem } from './types.ts'
import { matchPlaces } from './places.ts'
import type { Mode } from '../restraint/index.ts'
import type { Circumstances } from './subjects.ts'
import * as msg from './messages.en.ts'

/** What has to be done and proved to attach a route, in points: fewer is simpler. Our own weights. */
const POINTS = {
  isofix: 1,
  leg: 1,
  topTether: 1,
  beltFree: 1,
  beltThreaded: 3,
  lockingClip: 1,
  lowerTethers: 2,
  twoPlaces: 1,
  /** An airbag to see off, a seat to slide fully back. */
  frontRow: 1,
} as const

export interface RouteEase {
  readonly points: number
  /** "ISOFIX, leg; rear left". */
  readonly text: string
  /** `undecided` where a fact of the place is still open. */
  readonly decision: Decision
  /** Of the route and the place, worst first; worked out when somebody reads them. */
  readonly findings: readonly RawFinding[]
}

function partsOf(route: Route): readonly (readonly [points: number, text: string])[] {
  const { belt } = route
  return [
    ...(route.isofix ? [[POINTS.isofix, 'ISOFIX'] as const] : []),
    ...(route.leg ? [[POINTS.leg, 'leg'] as const] : []),
    ...(route.topTether?.use === 'required' ? [[POINTS.topTether, msg.topTether] as const] : []),
    ...(belt ? [[belt.lock.kind === 'free' ? POINTS.beltFree : POINTS.beltThreaded, 'belt'] as const] : []),
    ...(belt?.lock.kind === 'locking-clip' ? [[POINTS.lockingClip, msg.lockingClip] as const] : []),
    ...(route.lowerTethers?.use === 'required' ? [[POINTS.lowerTethers, msg.lowerTethers] as const] : []),
    ...(route.seatsTaken === 2 ? [[POINTS.twoPlaces, msg.twoPlaces] as const] : []),
  ]
}

export interface Way extends RouteEase {
  readonly position: SeatingPosition
  readonly route: Route
  readonly decision: Exclude<Decision, 'fail'>
}

/** Every way to attach a mode in a car that is not refused: what holds before what is open, simple before laborious. */
export function waysIn(
  circumstances: Circumstances,
  vehicle: Vehicle,
  item: StockItem & { readonly mode: Mode },
): readonly Way[] {
  const ways = matchPlaces(circumstances, vehicle, item).flatMap(({ position, routes }) =>
    routes.flatMap((at): Way[] => {
      const { route, decision } = at
      if (decision === 'fail') return []
      const parts = partsOf(route)
      return [
        {
          position,
          route,
          decision,
          get findings() {
            return at.findings
          },
          points: parts.reduce((sum, [points]) => sum + points, position.row === 1 ? POINTS.frontRow : 0),
          text: `${parts.map(([, text]) => text).join(', ')}; ${position.label.toLowerCase()}`,
        },
      ]
    }),
  )
  return ways.toSorted((a, b) => bestFirst(a, b) || a.points - b.points)
}

/** The simplest way to attach a mode anywhere in a car; `undefined` where nothing is left. */
export const easiestRoute = (
  circumstances: Circumstances,
  vehicle: Vehicle,
  item: StockItem & { readonly mode: Mode },
): RouteEase | undefined => waysIn(circumstances, vehicle, item)[0]
