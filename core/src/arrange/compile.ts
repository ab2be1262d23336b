import { isDriversPlace, type Vehicle } from '../vehicle/index.ts'
import { placesOf, sharingOf, withAirbagsOf } from './car.ts'
import type { Car, Draft } from './draft.ts'
import { Judge } from './evaluate.ts'
import type { Family } from './family.ts'
import { packAfter, packBefore } from './levels.ts'
import { personDrafts } from './persons.ts'
import type { Body, Candidate, CarProblem, Place, Rider, UnitClass } from './problem.ts'
import { DRIVER_ID, type Pin } from './request.ts'
import { draftsOf } from './ways.ts'

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
  // What two models are alike in is one body: rows of it are worked out once.
  const alike = new Map<string, Body>()
  const car: Car = {
    family,
    vehicle,
    places,
    body: (key, make) => {
      const known = bodies.get(key)
      if (known) return known
      const made = make()
      const content = JSON.stringify(made)
      const body = alike.get(content) ?? { id: alike.size, ...made }
      alike.set(content, body)
      bodies.set(key, body)
      return body
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
    ...(driverAt ? [{ kind: 'driver' as const, id: DRIVER_ID }] : []),
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
            id: DRIVER_ID,
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
    // Thousands of ways: each is finished in place, and copied nowhere.
    const finish = (draft: Draft): Candidate =>
      Object.assign(draft, {
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
