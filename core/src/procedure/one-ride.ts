import { Sequence, VehicleId } from '../ground/index.ts'
import { CHECK_IDS, CHECKS } from '../checks/index.ts'
import type { Case, Put } from '../casefile/index.ts'
import { evaluateFitted, fittedSubject, matchModes, type StockItem } from '../match/index.ts'
import type { Mode, Route } from '../restraint/index.ts'
import { severityOf, type Need, missingIn } from '../rules/index.ts'
import type { SeatingPosition, Vehicle } from '../vehicle/index.ts'
import * as msg from './messages.en.ts'

/**
 * A ride in a car that no catalogue knows: which restraint and route can be
 * proved there with the fewest readings, and which readings those are.
 */

export const ONE_RIDE_PLACES = ['rear-left', 'rear-centre', 'rear-right', 'front-passenger'] as const
export type OneRidePlace = (typeof ONE_RIDE_PLACES)[number]

/** A car of which nothing is known but where somebody may sit. */
export function oneRideCar(place: OneRidePlace, driverSide: Vehicle['driverSide']): Vehicle {
  const passengerSide = driverSide === 'left' ? 'right' : 'left'
  const side = { 'rear-left': 'left', 'rear-centre': 'centre', 'rear-right': 'right', 'front-passenger': passengerSide } as const // prettier-ignore
  const at = side[place]
  const position: SeatingPosition = {
    id: place,
    label: place.replace('-', ' ').replace(/^./, (x) => x.toUpperCase()),
    row: place === 'front-passenger' ? 1 : 2,
    side: at,
  }
  return { id: VehicleId('one-ride'), maker: msg.unknownCar, model: msg.forOneRide, driverSide, positions: [position] }
}

export interface OneRideWay {
  readonly item: StockItem & { readonly mode: Mode }
  readonly route: Route
  /** What has to be found out, in no order. */
  readonly readings: readonly Need[]
}

const candidate = (c: Case, vehicle: Vehicle, { model, unit, mode }: OneRideWay['item'], route: Route): Case => ({
  ...c,
  vehicle,
  restraints: [model],
  ...(unit && { units: [unit] }),
  choice: {
    modelId: model.id,
    ...(unit && { unitId: unit.id }),
    modeId: mode.id,
    positionId: vehicle.positions[0]?.id,
    routeId: route.id,
    at: Sequence(0),
  },
  settings: {},
  disturbances: {},
  readings: {},
})

/** Checks that are made on request only: no rule waits for them. */
const ON_REQUEST: ReadonlySet<Need> = new Set(
  CHECK_IDS.filter((id) => CHECKS[id].isOptional).map((id): Need => `check.${id}`),
)

/** What one way asks for, or `undefined` where a rule refuses it in any unlisted car. */
function readingsOf(c: Case): readonly Need[] | undefined {
  const subject = fittedSubject(c)
  if (!subject) return undefined
  const findings = evaluateFitted(subject).filter((f) => severityOf(f) !== 'advise')
  if (findings.some((f) => f.outcome.kind === 'fail')) return undefined
  const needs = findings.flatMap((f) => missingIn(f.outcome))
  // A list cannot name a car that no catalogue knows.
  if (needs.includes('route.approvedPlaces')) return undefined
  return [...new Set(needs)].filter((n) => !ON_REQUEST.has(n))
}

/**
 * Every way that can still pass: the one with the fewest readings first, and of
 * equals the better restraint. A child who should travel rearward does so even
 * at more readings, where the profile turns forward as late as it can.
 */
export function oneRideWays(c: Case, stock: readonly StockItem[], vehicle: Vehicle): readonly OneRideWay[] {
  const ways = matchModes(c, stock)
    .filter((m) => m.decision !== 'fail')
    .flatMap((m) =>
      m.mode.routes.flatMap((route): OneRideWay[] => {
        const item = { model: m.model, unit: m.unit, mode: m.mode }
        const readings = readingsOf(candidate(c, vehicle, item, route))
        return readings ? [{ item, route, readings }] : []
      }),
    )
  // By the profile, as in the order of modes: forward comes after rearward, a booster after a harness.
  const later = ({ item: { mode } }: OneRideWay): number =>
    Number(c.practice.turningForward === 'as-late-as-allowed' && mode.direction === 'forward') +
    Number(c.practice.boosterFrom === 'harness-to-its-limit' && mode.heldBy === 'vehicle-belt')
  return ways.toSorted((a, b) => later(a) - later(b) || a.readings.length - b.readings.length)
}

/** Puts that take one such way: car, restraint, place and route at once; what was set for another is taken away. */
export function putsForOneRide(c: Case, vehicle: Vehicle, { item, route }: OneRideWay): readonly Put[] {
  const cleared = Object.keys(c.settings).map((id): Put => ({ path: ['settings', id], value: null }))
  const { at: _at, ...choice } = candidate(c, vehicle, item, route).choice
  return [
    ...cleared,
    { path: ['vehicle'], value: vehicle },
    { path: ['restraints'], value: [...c.restraints.filter((m) => m.id !== item.model.id), item.model].slice(-50) },
    ...(item.unit
      ? [{ path: ['units'], value: [...(c.units ?? []).filter((u) => u.id !== item.unit?.id), item.unit].slice(-50) }]
      : []),
    { path: ['choice'], value: choice },
  ]
}
