import type { Decision } from '../quantities/index.ts'
import type { Route } from '../restraint/index.ts'
import type { Vehicle } from '../vehicle/index.ts'
import type { StockItem } from './types.ts'
import { matchPlaces } from './places.ts'
import type { Mode } from '../restraint/index.ts'
import type { Circumstances } from './subjects.ts'

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
}

function partsOf(route: Route): readonly (readonly [points: number, text: string])[] {
  const { belt } = route
  return [
    ...(route.isofix ? [[POINTS.isofix, 'ISOFIX'] as const] : []),
    ...(route.leg ? [[POINTS.leg, 'leg'] as const] : []),
    ...(route.topTether?.use === 'required' ? [[POINTS.topTether, 'top tether'] as const] : []),
    ...(belt ? [[belt.lock.kind === 'free' ? POINTS.beltFree : POINTS.beltThreaded, 'belt'] as const] : []),
    ...(belt?.lock.kind === 'locking-clip' ? [[POINTS.lockingClip, 'locking clip'] as const] : []),
    ...(route.lowerTethers?.use === 'required' ? [[POINTS.lowerTethers, 'lower tethers'] as const] : []),
    ...(route.seatsTaken === 2 ? [[POINTS.twoPlaces, 'two places'] as const] : []),
  ]
}

const DECISION_ORDER = { pass: 0, undecided: 1, fail: 2 } as const satisfies Record<Decision, number>

/** The simplest way to attach a mode anywhere in a car: what holds before what is open; `undefined` where nothing does. */
export function easiestRoute(
  circumstances: Circumstances,
  vehicle: Vehicle,
  item: StockItem & { readonly mode: Mode },
): RouteEase | undefined {
  const ways = matchPlaces(circumstances, vehicle, item).flatMap(({ position, routes }) =>
    routes
      .filter((r) => r.decision !== 'fail')
      .map(({ route, decision }) => {
        const parts = partsOf(route)
        return {
          decision,
          points: parts.reduce((sum, [points]) => sum + points, position.row === 1 ? POINTS.frontRow : 0),
          text: `${parts.map(([, text]) => text).join(', ')}; ${position.label.toLowerCase()}`,
        }
      }),
  )
  return ways.toSorted((a, b) => DECISION_ORDER[a.decision] - DECISION_ORDER[b.decision] || a.points - b.points)[0]
}
