import {
  isBreadthAsked,
  isProfileOpen,
  personProfile,
  profileOf,
  SIDEWAYS_PLAY_MM,
  USUAL_ADULT_BREADTH_MM,
} from '../fit/index.ts'
import { isAdvisedAgainst, modeSubject, placeSubject, survey, untouched } from '../match/index.ts'
import { stepsFor } from '../procedure/index.ts'
import { isBaseUnit, isIntegral, type Mode, type RestraintUnit, type Route } from '../restraint/index.ts'
import { airbagAsked, type PlaceSubject } from '../rules/index.ts'
import { doorSideOf, isDriversPlace, neighboursOf, type Vehicle } from '../vehicle/index.ts'
import { headInboard, placesOf, sharingOf, travelOf, withAirbagsOf, withOnly } from './car.ts'
import { Judge } from './evaluate.ts'
import { factOf, isShared, type ArrangeNeed, type Fact, type FactOf } from './facts.ts'
import type { ChildOfFamily, Family, WayOfChild } from './family.ts'
import { packAfter, packBefore } from './levels.ts'
import type { Body, Candidate, CarProblem, Place, Rider, UnitClass } from './problem.ts'
import type { Pin } from './request.ts'

/** A candidate before it is known what the child could have elsewhere. */
type Draft = Omit<Candidate, 'index' | 'slot' | 'rearwardLost' | 'harnessLost' | 'before' | 'after'>

/** What every part of compiling one car reads. */
interface Car {
  readonly family: Family
  readonly vehicle: Vehicle
  readonly places: readonly Place[]
  readonly body: (key: string, make: () => Omit<Body, 'id'>) => Body
  readonly steps: Map<string, number>
  readonly wanted: ReadonlySet<number>
  readonly taken: ReadonlySet<string>
}

const bit = (place: number): number => 1 << place
const NO_MONTHS = { rearwardMonths: 0, harnessMonths: 0, endsSoon: false } as const

/** Whether a pin or a wish of this rider holds with these. */
function holds(
  pin: Pin,
  at: {
    readonly childId: string
    readonly vehicle: Vehicle
    readonly positionIds: readonly string[]
    readonly unitClass: UnitClass | undefined
  },
): boolean {
  switch (pin.kind) {
    case 'child-at':
      return (
        pin.childId !== at.childId ||
        (at.positionIds.includes(pin.positionId) && (pin.vehicleId === undefined || pin.vehicleId === at.vehicle.id))
      )
    case 'restraint-for':
      return (
        pin.childId !== at.childId ||
        (at.unitClass !== undefined &&
          (pin.modelId === undefined
            ? at.unitClass.units.some((u) => u.id === pin.unitId)
            : at.unitClass.model.id === pin.modelId))
      )
    case 'leave-out':
      return true
  }
}

/** Places where the profile wants the youngest; empty where there is no such place, or it wants none. */
function wantedPlaces(
  { practice }: Family['request'],
  vehicle: Vehicle,
  places: readonly Place[],
): ReadonlySet<number> {
  const passenger = vehicle.driverSide === 'left' ? 'right' : 'left'
  const isWanted = ({ position }: Place): boolean => {
    switch (practice.youngestSits ?? 'anywhere') {
      case 'anywhere':
        return false
      case 'in-the-middle':
        return position.side === 'centre'
      case 'behind-the-passenger':
        return position.row === 2 && position.side === passenger
      case 'at-the-kerb':
        return position.side === passenger
    }
  }
  return new Set(places.filter((p) => p.row >= 2 && isWanted(p)).map((p) => p.index))
}

function bodyOf(
  { body }: Car,
  child: ChildOfFamily,
  way: WayOfChild,
  mode: Mode,
  route: Route,
  place: Place,
  extrasOff: boolean,
): Body {
  const podSide = mode.sidePod === true ? doorSideOf(place.position) : undefined
  const needsHand = route.belt !== undefined
  const playMm = route.isofix !== undefined ? 0 : (route.belt?.sidewaysPlayMm ?? SIDEWAYS_PLAY_MM)
  const { id: modelId } = way.unitClass.model
  const childId = child.circumstances.child.id
  const isPerChild = (mode.widthSettings?.length ?? 0) > 0
  const key = [modelId, mode.id, isPerChild ? childId : '', podSide ?? '', needsHand, playMm, extrasOff].join(' ')
  return body(key, () => {
    const worn = { hasExtra: !extrasOff, shoulderBreadthMm: child.breadthMm, podSide }
    const profile = profileOf(mode, worn)
    const of = { childId, vehicleId: '', positionId: '', modelId, modeId: mode.id }
    const openFacts: Fact[] = []
    if (isBreadthAsked(mode, child.breadthMm)) {
      const isInsideStated = mode.widthSettings?.every((s) => s.insideMm !== undefined) === true
      openFacts.push(factOf(isInsideStated ? 'child.shoulderBreadthMm' : 'mode.widthSettings', of))
    }
    const isUnstated = Object.values(profile).some((p) => p !== 'none' && !p.isStated)
    if (isProfileOpen(profile) && isUnstated) openFacts.push(factOf('mode.halfWidths', of))
    return { profile, playMm, needsHand, openFacts }
  })
}

const passableOf = (mode: Mode, route: Route): Candidate['passable'] => {
  if (mode.passable !== undefined) return mode.passable ? 'yes' : 'no'
  if (mode.direction === 'lateral') return 'no'
  // A base alone is passed; its shell comes in with the child.
  if (mode.direction === 'forward' || route.usesBase === true) return 'yes'
  return 'look'
}

function airbagOf(place: Place, at: PlaceSubject): Candidate['airbag'] {
  if (place.airbagOf === undefined) return 'either'
  if (at.mode.direction !== 'forward') return 'off'
  const asked = at.position.row === 1 ? airbagAsked(at) : 'either'
  return asked === 'on' || asked === 'off' ? asked : 'either'
}

function stepsOf(car: Car, at: PlaceSubject): number {
  const key = `${at.model.id} ${at.mode.id} ${at.route.id} ${at.position.id} ${at.vehicle.positions.length}`
  const known = car.steps.get(key)
  if (known !== undefined) return known
  const steps = stepsFor(untouched(at)).length
  car.steps.set(key, steps)
  return steps
}

/** Which units carry a shell on this route: none, or each kind of base of its model. */
function basesFor(family: Family, way: WayOfChild, route: Route): readonly (UnitClass | undefined)[] {
  const { model } = way.unitClass
  if (way.unit.partId === undefined || route.usesBase === false) return [undefined]
  return family.classes.filter((c) => c.model.id === model.id && isBaseUnit(model, c.units[0]))
}

/** Every way for one child in one car with one mode. */
function draftsOf(car: Car, rider: number, child: ChildOfFamily, way: WayOfChild): readonly Draft[] {
  const { family, places } = car
  const { request } = family
  const { mode, model } = way.subject
  const childId = child.circumstances.child.id
  const extrasOff = (request.extrasOff ?? []).includes((way.unitClass.units[0] as RestraintUnit).id)
  const ofMode = survey('mode', way.subject)
  const drafts: Draft[] = []
  for (const route of mode.routes) {
    for (const baseClass of basesFor(family, way, route)) {
      const subject =
        baseClass === undefined ? way.subject : { ...modeSubject(way.subject, model, mode, way.unit, baseClass.units[0]), alternatives: way.subject.alternatives } // prettier-ignore
      for (const place of places) {
        if (car.taken.has(place.position.id) || isDriversPlace(car.vehicle, place.position)) continue
        const isAcross = route.seatsTaken === 2 || (mode.direction === 'lateral' && route.seatsTaken === undefined)
        const seconds = isAcross
          ? neighboursOf(car.vehicle, place.position).filter(
              (p) => !car.taken.has(p.id) && !isDriversPlace(car.vehicle, p),
            )
          : [undefined]
        for (const second of seconds) {
          const vehicle = second === undefined ? car.vehicle : withOnly(car.vehicle, place.position, second)
          const at = placeSubject(subject, route, place.position, vehicle)
          const ofPlace = survey('place', at)
          if (ofPlace.decision === 'fail') continue
          const ofRoute = survey('route', at)
          if (ofRoute.decision === 'fail') continue
          const of: FactOf = {
            childId,
            vehicleId: car.vehicle.id,
            positionId: place.position.id,
            modelId: model.id,
            modeId: mode.id,
            routeId: route.id,
            unitId: way.unitClass.units[0]?.id,
          }
          const facts = new Map<string, Fact>()
          const ask = (need: ArrangeNeed): void => {
            const fact = factOf(need, of)
            facts.set(fact.key, fact)
          }
          for (const { missing } of [ofMode, ofRoute, ofPlace]) for (const need of missing) ask(need)
          if (second !== undefined) {
            const inboard = headInboard(car.vehicle, place.position, second)
            if (inboard === 'fail') continue
            if (inboard === 'undecided') ask('position.doorSide')
          }
          const secondIndex = second && places.findIndex((p) => p.position.id === second.id)
          const beside = secondIndex === undefined ? undefined : places[secondIndex]
          const centreMm =
            beside === undefined
              ? place.centreMm
              : place.centreMm === undefined || beside.centreMm === undefined
                ? undefined
                : (place.centreMm + beside.centreMm) / 2
          const listed = [...facts.values()]
          drafts.push({
            rider,
            place: place.index,
            second: secondIndex,
            mask: bit(place.index) | (secondIndex === undefined ? 0 : bit(secondIndex)),
            unitClass: way.unitClass.index,
            baseClass: baseClass?.index,
            model,
            mode,
            route,
            centreMm,
            from: Math.min(place.turn, beside?.turn ?? place.turn),
            to: Math.max(place.turn, beside?.turn ?? place.turn),
            body: bodyOf(car, child, way, mode, route, place, extrasOff),
            facts: listed,
            ownFacts: listed.filter((f) => !isShared(f)).length,
            isAdvisedAgainst:
              family.isWhole &&
              (way.isAdvisedAgainst || isAdvisedAgainst('route', at) || isAdvisedAgainst('place', at)),
            rearwardMonths: way.rearwardMonths,
            harnessMonths: way.harnessMonths,
            endsSoon: way.endsSoon,
            isNotOwned: !way.unitClass.isOwned,
            wishesBroken: 0,
            isYoungestElsewhere: child.isYoungest && car.wanted.size > 0 && !car.wanted.has(place.index),
            steps: family.isWhole ? stepsOf(car, at) + Number(way.isConverted) : 0,
            usesBars: route.isofix !== undefined,
            usesTether: route.topTether?.use === 'required',
            usesBelt: route.belt !== undefined,
            usesRails: route.lowerTethers?.use === 'required',
            airbag: airbagOf(place, at),
            travel: travelOf(car.vehicle, place, mode, route),
            onFrontSeat: 'restraint',
            seatForwardMm: undefined,
            passable: passableOf(mode, route),
            isAdultPassable: !isIntegral(mode),
          })
        }
      }
    }
  }
  return drafts
}

interface Person {
  readonly rider: number
  readonly kind: 'person' | 'driver'
  readonly breadthMm: number | undefined
  readonly seatForwardMm: number | undefined
  readonly positionId: string | undefined
  readonly isYoungest: boolean
  /** Whether a three-point belt is asked for, as of a child. */
  readonly needsThreePoint: boolean
  readonly id: string
}

/** Every place where somebody can ride on the seat itself. */
function personDrafts(car: Car, person: Person): readonly Draft[] {
  const breadthMm = person.breadthMm ?? USUAL_ADULT_BREADTH_MM
  const body = car.body(`person ${breadthMm}`, () => ({
    profile: personProfile(breadthMm),
    playMm: 0,
    needsHand: true,
    openFacts: [],
  }))
  return car.places.flatMap((place): Draft[] => {
    const { position } = place
    if (person.kind === 'person' && (car.taken.has(position.id) || isDriversPlace(car.vehicle, position))) return []
    if (person.positionId !== undefined && person.positionId !== position.id) return []
    const { belt } = position
    if (person.kind === 'person' && (belt?.kind === 'none' || (person.needsThreePoint && belt?.kind === 'lap')))
      return []
    const of = { childId: person.id, vehicleId: car.vehicle.id, positionId: position.id }
    const facts = person.kind === 'person' && belt === undefined ? [factOf('position.belt', of)] : []
    return [
      {
        rider: person.rider,
        place: place.index,
        second: undefined,
        mask: bit(place.index),
        unitClass: undefined,
        baseClass: undefined,
        model: undefined,
        mode: undefined,
        route: undefined,
        centreMm: place.centreMm,
        from: place.turn,
        to: place.turn,
        body,
        facts,
        ownFacts: facts.length,
        isAdvisedAgainst: false,
        ...NO_MONTHS,
        isNotOwned: false,
        wishesBroken: 0,
        isYoungestElsewhere: person.isYoungest && car.wanted.size > 0 && !car.wanted.has(place.index),
        steps: 0,
        usesBars: false,
        usesTether: false,
        usesBelt: true,
        usesRails: false,
        // A child beyond the rule rides as the handbook has it for people.
        airbag: place.airbagOf === undefined || person.kind === 'driver' ? 'either' : 'on',
        travel: [],
        onFrontSeat: person.kind,
        seatForwardMm: person.seatForwardMm,
        passable: 'yes',
        isAdultPassable: true,
      },
    ]
  })
}

/** What the best of all cars would leave a child alone. */
interface Alone {
  rearward: number
  harness: number
}

/** One car with every rider's drafts; what cannot even be alone in it is left out. */
function draftCar(
  family: Family,
  given: Vehicle,
): { readonly problem: Omit<CarProblem, 'candidates'>; readonly drafts: readonly (readonly Draft[])[] } {
  const { request } = family
  const vehicle = withAirbagsOf(given)
  const places = placesOf(vehicle)
  const bodies = new Map<string, Body>()
  const car: Car = {
    family,
    vehicle,
    places,
    body: (key, make) => {
      const known = bodies.get(key)
      if (known) return known
      const made = { id: bodies.size, ...make() }
      bodies.set(key, made)
      return made
    },
    steps: new Map(),
    wanted: wantedPlaces(request, vehicle, places),
    taken: new Set((request.taken ?? []).filter((t) => t.vehicleId === vehicle.id).map((t) => t.positionId)),
  }
  const adults = request.adults ?? []
  const driverAt = vehicle.positions.find((p) => isDriversPlace(vehicle, p))
  const riders: Rider[] = [
    ...request.children.map((c) => ({ kind: 'child' as const, id: c.id })),
    ...adults.map((a) => ({ kind: 'adult' as const, id: a.id })),
    ...(driverAt ? [{ kind: 'driver' as const, id: 'driver' }] : []),
  ]
  const person = { seatForwardMm: undefined, positionId: undefined, isYoungest: false, needsThreePoint: false, breadthMm: undefined } // prettier-ignore
  const drafts = [
    ...family.children.map((child, rider) => [
      ...child.ways.flatMap((way) => draftsOf(car, rider, child, way)),
      ...(child.isBeyondLocalRule
        ? personDrafts(car, {
            ...person,
            rider,
            kind: 'person',
            id: child.circumstances.child.id,
            breadthMm: child.breadthMm?.hi,
            isYoungest: child.isYoungest,
            needsThreePoint: true,
          })
        : []),
    ]),
    ...adults.map((adult, i) =>
      personDrafts(car, {
        ...person,
        rider: family.children.length + i,
        kind: 'person',
        id: adult.id,
        breadthMm: adult.shoulderBreadthMm,
        seatForwardMm: adult.seatForwardMm,
        positionId: adult.positionId,
      }),
    ),
    ...(driverAt
      ? [
          personDrafts(car, {
            ...person,
            rider: riders.length - 1,
            kind: 'driver',
            id: 'driver',
            breadthMm: request.driver?.shoulderBreadthMm,
            positionId: driverAt.id,
          }),
        ]
      : []),
  ]
  const wishesBroken = (request.wishes ?? []).filter((w) => w.kind === 'leave-out' && w.vehicleId === vehicle.id).length
  return {
    problem: { vehicle, places, riders, classes: family.classes, sharing: sharingOf(vehicle), wishesBroken },
    drafts,
  }
}

/** Every car of the pool as a problem to be searched; those that are pinned out are left out. */
export function compile(family: Family): readonly CarProblem[] {
  const { request } = family
  const pins = request.pins ?? []
  const cars = request.vehicles
    .filter((v) => !pins.some((p) => p.kind === 'leave-out' && p.vehicleId === v.id))
    .map((v) => draftCar(family, v))

  // Alone with the driver, in any car of the pool, without pins and other adults.
  const alone: Alone[] = request.children.map(() => ({ rearward: 0, harness: 0 }))
  const standing = cars.map(({ problem, drafts }) => {
    let index = 0
    const whole: CarProblem = { ...problem, candidates: [] }
    const judge = new Judge(whole)
    const isDriver = problem.riders[problem.riders.length - 1]?.kind === 'driver'
    const slots = new Map<number, number>()
    const slotOf = ({ body, mask }: Draft): number => {
      const key = body.id * 4096 + mask
      const slot = slots.get(key) ?? slots.size
      slots.set(key, slot)
      return slot
    }
    const finish = (draft: Draft): Candidate => ({
      ...draft,
      index: index++,
      slot: slotOf(draft),
      rearwardLost: 0,
      harnessLost: 0,
      before: 0,
      after: 0,
    })
    const lists = drafts.map((list) => list.map(finish))
    const driver = isDriver ? lists[lists.length - 1]?.[0] : undefined
    const kept = lists.map((list) =>
      list.filter((c) => {
        const with0 = driver === undefined || c === driver ? [c] : [driver, c]
        return with0.length === 2 && !judge.together(driver as Candidate, c)
          ? false
          : judge.evaluate(with0, false) !== undefined
      }),
    )
    kept.slice(0, request.children.length).forEach((list, i) => {
      const best = alone[i] as Alone
      for (const c of list) {
        best.rearward = Math.max(best.rearward, c.rearwardMonths)
        best.harness = Math.max(best.harness, c.harnessMonths)
      }
    })
    return { problem, kept }
  })

  return standing.map(({ problem, kept }): CarProblem => {
    const candidates = kept.map((list, rider) =>
      list.flatMap((c): Candidate[] => {
        const { id: childId, kind } = problem.riders[rider] as Rider
        if (kind !== 'child') return [{ ...c, after: packAfter({ steps: 0, endsSoon: 0 }) }]
        const at = {
          childId,
          vehicle: problem.vehicle,
          positionIds: [c.place, ...(c.second === undefined ? [] : [c.second])].map(
            (p) => (problem.places[p] as Place).position.id,
          ),
          unitClass: c.unitClass === undefined ? undefined : problem.classes[c.unitClass],
        }
        if (!pins.every((pin) => holds(pin, at))) return []
        const wishesBroken = (request.wishes ?? []).filter((w) => !holds(w, at)).length
        const rearwardLost = Math.max(0, (alone[rider] as Alone).rearward - c.rearwardMonths)
        const harnessLost = Math.max(0, (alone[rider] as Alone).harness - c.harnessMonths)
        return [
          {
            ...c,
            wishesBroken,
            rearwardLost,
            harnessLost,
            before: packBefore({
              facts: 0,
              advice: Number(c.isAdvisedAgainst),
              rearwardMonthsLost: rearwardLost,
              harnessMonthsLost: harnessLost,
              notOwned: c.unitClass === undefined ? 0 : Number(c.isNotOwned),
              wishesBroken,
              youngest: Number(c.isYoungestElsewhere),
            }),
            after: packAfter({ steps: c.steps, endsSoon: Number(c.endsSoon) }),
          },
        ]
      }),
    )
    return { ...problem, candidates }
  })
}
