import { bestFirst, some, type Decision } from '../quantities/index.ts'
import type { Mode, RestraintModel, RestraintUnit, Route } from '../restraint/index.ts'
import type { ModeSubject, PlaceSubject, RawFinding } from '../rules/index.ts'
import type { SeatingPosition, Vehicle } from '../vehicle/index.ts'
import { decisionAt, evaluate, lazily, worstFirst } from './evaluate.ts'
import { childSide, modeSubject, placeSubject, type Circumstances } from './subjects.ts'

export interface PlaceRouteMatch {
  readonly route: Route
  readonly decision: Decision
  /** Worst first; worked out when somebody reads them. */
  readonly findings: readonly RawFinding[]
}
export interface PlaceMatch {
  readonly position: SeatingPosition
  readonly decision: Decision
  readonly routes: readonly PlaceRouteMatch[]
}

class RouteAtPlace implements PlaceRouteMatch {
  readonly route: Route
  readonly decision: Decision
  readonly #subject: ModeSubject
  readonly #position: SeatingPosition
  readonly #vehicle: Vehicle
  #findings: readonly RawFinding[] | undefined

  constructor(subject: ModeSubject, route: Route, position: SeatingPosition, vehicle: Vehicle, decision: Decision) {
    this.route = route
    this.#subject = subject
    this.#position = position
    this.#vehicle = vehicle
    this.decision = decision
  }

  get findings(): readonly RawFinding[] {
    const at = placeSubject(this.#subject, this.route, this.#position, this.#vehicle)
    return (this.#findings ??= worstFirst([...evaluate('route', at), ...evaluate('place', at)]))
  }
}

/** One place for a mode that takes no such child: refused by every route, and most of a shelf is refused. */
class RefusedPlace implements PlaceMatch {
  readonly position: SeatingPosition
  readonly decision = 'fail'
  readonly #mode: () => ModeSubject
  readonly #vehicle: Vehicle
  #routes: readonly PlaceRouteMatch[] | undefined

  constructor(position: SeatingPosition, vehicle: Vehicle, mode: () => ModeSubject) {
    this.position = position
    this.#vehicle = vehicle
    this.#mode = mode
  }

  get routes(): readonly PlaceRouteMatch[] {
    const subject = this.#mode()
    return (this.#routes ??= subject.mode.routes.map(
      (route) => new RouteAtPlace(subject, route, this.position, this.#vehicle, 'fail'),
    ))
  }
}

type Writable<T> = { -readonly [K in keyof T]: T[K] }
/** What the route is judged to be at places with the same limit of mass on their anchorages; nothing else of a place bears on it. */
type ByLimit = Map<number | undefined, Decision>

function decideAt(subject: PlaceSubject, byLimit: ByLimit): Decision {
  // The place first: most places refuse most routes, and then nobody asks the route.
  const byPlace = decisionAt('place', subject)
  if (byPlace === 'fail') return 'fail'
  const limitKg = subject.position.isofix?.maxTotalMassKg
  let byRoute = byLimit.get(limitKg)
  if (byRoute === undefined) byLimit.set(limitKg, (byRoute = decisionAt('route', subject)))
  return byRoute === 'pass' ? byPlace : byRoute
}

/** Where in the car a mode may go, and by which of its routes; the driver's seat is left out. */
export function matchPlaces(
  circumstances: Circumstances,
  vehicle: Vehicle,
  chosen: {
    readonly model: RestraintModel
    readonly mode: Mode
    readonly unit?: RestraintUnit | undefined
    readonly baseUnit?: RestraintUnit | undefined
    /** Whether the child may use the mode at all, where that is known already. */
    readonly decision?: Decision
  },
): readonly PlaceMatch[] {
  const positions = vehicle.positions.filter((position) => !position.isDriverSeat)
  const subjectOf = lazily(() =>
    modeSubject(childSide(circumstances), chosen.model, chosen.mode, chosen.unit, chosen.baseUnit),
  )
  if ((chosen.decision ?? decisionAt('mode', subjectOf())) === 'fail')
    return positions.map((position) => new RefusedPlace(position, vehicle, subjectOf))
  const subject = subjectOf()
  // One subject serves every glance of this mode: a glance keeps nothing of what it was shown.
  let scratch: Writable<PlaceSubject> | undefined
  const known = chosen.mode.routes.map((): ByLimit => new Map())
  const decideFor = (route: Route, position: SeatingPosition, byLimit: ByLimit): Decision => {
    scratch ??= placeSubject(subject, route, position, vehicle)
    scratch.route = route
    scratch.position = position
    return decideAt(scratch, byLimit)
  }
  return positions.map((position) => {
    const routes = chosen.mode.routes.map(
      (route, i) =>
        new RouteAtPlace(subject, route, position, vehicle, decideFor(route, position, known[i] as ByLimit)),
    )
    return { position, routes, decision: some(routes.map((r) => r.decision)) }
  })
}

/** What holds before what is open, behind the front row before in it; alike, as they stand in the car. */
export const placesBestFirst = (places: readonly PlaceMatch[]): readonly PlaceMatch[] =>
  places.toSorted((a, b) => bestFirst(a, b) || Number(a.position.row === 1) - Number(b.position.row === 1))

/** The ways into one place: what holds before what is open; alike, as the restraint lists them. */
export const routesBestFirst = (place: PlaceMatch): readonly PlaceRouteMatch[] => place.routes.toSorted(bestFirst)

/** The nearest that a mode comes to standing in a car. */
export interface NearestWay {
  readonly place: PlaceMatch
  readonly route: Route
  /** Each of them would have to be another way. */
  readonly refusals: readonly RawFinding[]
}

/** The way that the fewest rules refuse; the earlier place and route where several are as near. */
export function nearestWay(...asked: Parameters<typeof matchPlaces>): NearestWay | undefined {
  const ways = matchPlaces(...asked).flatMap((place) =>
    place.routes.map(({ route, findings }) => ({
      place,
      route,
      refusals: findings.filter((f) => f.outcome.kind === 'fail'),
    })),
  )
  return ways.toSorted(compareNearness)[0]
}
export const compareNearness = (a: Pick<NearestWay, 'refusals'>, b: Pick<NearestWay, 'refusals'>): number =>
  a.refusals.length - b.refusals.length
