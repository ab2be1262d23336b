import {
  type IsoDate,
  type ModelId,
  type UnitId,
  unitIdSchema,
  type VehicleId,
  vehicleIdSchema,
} from '@nimble-anchor/core/ground'
import {
  ARRANGE_FORMAT,
  ARRANGE_VERSION,
  DRIVER_ID,
  type Arrangement,
  type ArrangeRequest,
  type Names,
  type Pin,
  pinSchema,
} from '@nimble-anchor/core/arrange'
import type { Child } from '@nimble-anchor/core/child'
import type { Catalogue, PracticeBook, VisitView } from '@nimble-anchor/core/formats'
import { modelName } from '@nimble-anchor/core/restraint'
import type { RideBeginning } from '../session/api.ts'
import { vehicleName, type Vehicle } from '@nimble-anchor/core/vehicle'
import * as msg from './messages.en.ts'

/**
 * What is asked of an arrangement, by ids alone: it stands in the address of the
 * page, so that going back takes a step back and nobody is named there.
 */
export interface Asked {
  /** One car; absent: the best of the pool. */
  readonly vehicleId?: VehicleId | undefined
  /** Children of the family who stay at home. */
  readonly atHome: readonly string[]
  readonly adults: readonly {
    readonly id: string
    readonly positionId?: string | undefined
    readonly shoulderBreadthMm?: number | undefined
    readonly seatForwardMm?: number | undefined
  }[]
  readonly pins: readonly Pin[]
  /** Asked for as well, if it can be. */
  readonly wishes: readonly Pin[]
  readonly taken: readonly { readonly vehicleId: VehicleId; readonly positionId: string }[]
  /** Models whose cup holder or pod comes off. */
  readonly extrasOff: readonly string[]
  readonly ownedUnitIds: readonly UnitId[]
  /** How long the journey ahead is: asked of the very young. */
  readonly journeyMinutes?: number | undefined
}

export const NOTHING_ASKED: Asked = {
  atHome: [],
  adults: [],
  pins: [],
  wishes: [],
  taken: [],
  extrasOff: [],
  ownedUnitIds: [],
}

const isText = (x: unknown): x is string => typeof x === 'string'
const isVehicle = (x: unknown): x is VehicleId => vehicleIdSchema.safeParse(x).success
const isUnit = (x: unknown): x is UnitId => unitIdSchema.safeParse(x).success
const listOf = <T>(x: unknown, is: (item: unknown) => item is T): readonly T[] => (Array.isArray(x) ? x.filter(is) : [])
const isPin = (x: unknown): x is Pin => pinSchema.safeParse(x).success
const isTaken = (x: unknown): x is Asked['taken'][number] =>
  typeof x === 'object' && x !== null && isVehicle((x as Record<string, unknown>).vehicleId) && isText((x as Record<string, unknown>).positionId) // prettier-ignore
const isNumberOrNone = (x: unknown): boolean => x === undefined || (typeof x === 'number' && Number.isFinite(x))
const isAdult = (x: unknown): x is Asked['adults'][number] => {
  if (typeof x !== 'object' || x === null) return false
  const { id, positionId, shoulderBreadthMm, seatForwardMm } = x as Record<string, unknown>
  return (
    isText(id) &&
    (positionId === undefined || isText(positionId)) &&
    isNumberOrNone(shoulderBreadthMm) &&
    isNumberOrNone(seatForwardMm)
  )
}

export const MOST_MINUTES = 2880
const isMinutes = (x: unknown): x is number =>
  Number.isInteger(x) && (x as number) >= 1 && (x as number) <= MOST_MINUTES

/** What an address asks; whatever in it is not what it should be is not asked. */
export function askedIn(text: string | null): Asked {
  if (text === null) return NOTHING_ASKED
  let found: unknown
  try {
    found = JSON.parse(text)
  } catch {
    return NOTHING_ASKED
  }
  if (typeof found !== 'object' || found === null) return NOTHING_ASKED
  const of = found as Record<string, unknown>
  return {
    ...(isVehicle(of.vehicleId) && { vehicleId: of.vehicleId }),
    atHome: listOf(of.atHome, isText),
    adults: listOf(of.adults, isAdult),
    pins: listOf(of.pins, isPin),
    wishes: listOf(of.wishes, isPin),
    taken: listOf(of.taken, isTaken),
    extrasOff: listOf(of.extrasOff, isText),
    ownedUnitIds: listOf(of.ownedUnitIds, isUnit),
    ...(isMinutes(of.journeyMinutes) && { journeyMinutes: of.journeyMinutes }),
  }
}

/** As it stands in the address: what is not asked is left out. */
export const textOf = (asked: Asked): string =>
  JSON.stringify(
    Object.fromEntries(Object.entries(asked).filter(([, value]) => !Array.isArray(value) || value.length > 0)),
  )

export interface Known {
  readonly today: IsoDate
  readonly children: readonly Child[]
  readonly catalogue: Catalogue
  readonly book: PracticeBook
}

/** Models with a cup holder or pod that can come off, of which the shelf has a unit. */
export function modelsWithExtras({ catalogue }: Known) {
  const onShelf = new Set((catalogue.units ?? []).map((u) => u.modelId))
  return (catalogue.models ?? []).filter(
    (m) => onShelf.has(m.id) && m.modes.some((mode) => mode.extraWidthMm !== undefined),
  )
}

/** The whole question; `vehicles` are those it may be answered with. */
export function requestOf(asked: Asked, known: Known, vehicles: readonly Vehicle[]): ArrangeRequest {
  const { today, children, catalogue, book } = known
  const models = new Set((catalogue.models ?? []).map((m) => m.id))
  // A unit of a model that nobody wrote down cannot be judged; its own page says so.
  const units = (catalogue.units ?? []).filter((u) => models.has(u.modelId))
  const off = new Set(asked.extrasOff)
  const home = new Set(asked.atHome)
  const riding = children.filter((c) => !home.has(c.id))
  const isThere = (pin: Pin): boolean =>
    (!('childId' in pin) || riding.some((c) => c.id === pin.childId)) &&
    (!('vehicleId' in pin) || pin.vehicleId === undefined || vehicles.some((v) => v.id === pin.vehicleId))
  const placeIds = new Set(vehicles.flatMap((v) => v.positions.map((p) => p.id)))
  return {
    format: ARRANGE_FORMAT,
    version: ARRANGE_VERSION,
    today,
    children: riding,
    adults: asked.adults.map(({ positionId, ...adult }) => ({
      ...adult,
      // In another car that place may not be there: the adult then rides anywhere.
      ...(positionId !== undefined && placeIds.has(positionId) && { positionId }),
    })),
    vehicles: [...vehicles],
    restraints: [...(catalogue.models ?? [])],
    units,
    ownedUnitIds: [...asked.ownedUnitIds],
    taken: asked.taken.filter((t) => vehicles.some((v) => v.id === t.vehicleId)),
    extrasOff: units.filter((u) => off.has(u.modelId)).map((u) => u.id),
    pins: asked.pins.filter(isThere),
    wishes: asked.wishes.filter(isThere),
    journeyMinutes: asked.journeyMinutes,
    practice: book.profiles.find((p) => p.id === book.profileId) ?? (book.profiles[0] as PracticeBook['profiles'][number]), // prettier-ignore
    localRule: book.localRules.find((r) => r.id === book.localRuleId) ?? (book.localRules[0] as PracticeBook['localRules'][number]), // prettier-ignore
  }
}

/** What is begun of an arrangement: a fitting for each child in a restraint, everybody else on the seat itself. */
export function beginningOf(a: Arrangement, asked: Asked, visits: readonly VisitView[], who: string): RideBeginning {
  const off = new Set(asked.extrasOff)
  const inRestraint = a.seats.filter(
    (s) => s.modelId !== undefined && s.modeId !== undefined && s.routeId !== undefined,
  )
  const onSeat = a.seats.filter((s) => s.modelId === undefined)
  const ids = new Set(inRestraint.map((s) => s.childId))
  return {
    vehicleId: a.vehicleId,
    seats: inRestraint.map(
      ({ childId, positionId, secondPositionId, modelId, modeId, routeId, unitId, baseUnitId }) => ({
        childId,
        positionId,
        ...(secondPositionId !== undefined && { secondPositionId }),
        modelId: modelId as ModelId,
        modeId: modeId as string,
        routeId: routeId as string,
        ...(unitId !== undefined && { unitId }),
        ...(baseUnitId !== undefined && { baseUnitId }),
        ...(off.has(modelId as string) && { isExtraOff: true as const }),
        visitId: visits.find((v) => v.childId === childId && v.fitting === null)?.id,
      }),
    ),
    adults: [
      ...a.adults.map(({ adultId, positionId }) => ({
        id: adultId,
        positionId,
        shoulderBreadthMm: asked.adults.find((x) => x.id === adultId)?.shoulderBreadthMm,
      })),
      // Beyond the local rule a child rides on the belt alone: it is kept without its name.
      ...onSeat.map((s, i) => ({ id: `on-seat-${i + 1}`, positionId: s.positionId, isChild: true as const })),
    ],
    installing: a.installing.filter((id) => ids.has(id)),
    loading: a.loading.map(({ riderId, past }) => {
      const turn = onSeat.findIndex((s) => s.childId === riderId)
      return { id: turn < 0 ? riderId : `on-seat-${turn + 1}`, past }
    }),
    who,
  }
}

export const adultName = (asked: Asked, id: string): string => {
  const turn = asked.adults.findIndex((a) => a.id === id)
  return asked.adults.length > 1 ? `Adult ${turn + 1}` : msg.adult
}

/** How everything of a question is called; `pins` are those that an answer counts by their turn. */
export function namesOf(
  asked: Asked,
  known: Known,
  pins: readonly Pin[] = asked.pins,
): Names & { readonly car: (id: string) => string } {
  const vehicles = known.catalogue.vehicles ?? []
  const rider = (id: string): string =>
    id === DRIVER_ID ? msg.driver : (known.children.find((c) => c.id === id)?.name ?? adultName(asked, id))
  const place = (vehicleId: VehicleId | undefined, positionId: string): string => {
    const cars = vehicleId === undefined ? vehicles : vehicles.filter((v) => v.id === vehicleId)
    return cars.flatMap((v) => v.positions).find((p) => p.id === positionId)?.label ?? positionId
  }
  const model = (id: string): string => {
    const found = known.catalogue.models?.find((m) => m.id === id)
    return found === undefined ? id : modelName(found)
  }
  const car = (id: string): string => {
    const found = vehicles.find((v) => v.id === id)
    return found === undefined ? id : vehicleName(found)
  }
  const pinText = (pin: Pin): string => {
    switch (pin.kind) {
      case 'child-at':
        return `${rider(pin.childId)} at ${place(pin.vehicleId, pin.positionId)}`
      case 'restraint-for':
        return `${rider(pin.childId)} in ${pin.modelId === undefined ? `unit ${known.catalogue.units?.find((u) => u.id === pin.unitId)?.serial ?? ''}` : model(pin.modelId)}`
      case 'leave-out':
        return `Without ${car(pin.vehicleId)}`
    }
  }
  return {
    rider,
    place,
    model,
    car,
    pin: (index) => {
      const pin = pins[index]
      return pin === undefined ? msg.aPin : pinText(pin)
    },
  }
}
