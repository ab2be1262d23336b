import { randomUUID } from 'node:crypto'
import { Injectable } from '@nestjs/common'
import { DRIVER_ID } from '@nimble-anchor/core/arrange'
import type { Put } from '@nimble-anchor/core/casefile'
import { type Fault, FittingId } from '@nimble-anchor/core/ground'
import type { Mode, RestraintModel, RestraintUnit } from '@nimble-anchor/core/restraint'
import type { Vehicle } from '@nimble-anchor/core/vehicle'
import { In, type EntityManager } from 'typeorm'
import { BeginFitting } from '../../fittings/commands/begin'
import { Ledger } from '../../fittings/ledger'
import { Clock } from '../../http/clock'
import { FaultsException } from '../../http/faults'
import type { By } from '../../people/caller'
import { Database } from '../../storage/database'
import { ModelRow, RideFittingRow, RideRow, UnitRow, VehicleRow } from '../../storage/entities'
import type { BeginRideDto, SeatDto } from '../dto'

/** What the catalogue knows of everything that a ride names. */
interface Named {
  readonly vehicle: Vehicle
  readonly models: ReadonlyMap<string, RestraintModel>
  readonly units: ReadonlyMap<string, RestraintUnit>
}

/**
 * Begins one fitting a child at the places of an arrangement, bound into a ride:
 * all of them or none. Each is judged from then on beside the others.
 */
@Injectable()
export class BeginRide {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly beginning: BeginFitting,
    private readonly ledger: Ledger,
  ) {}

  /** @returns the id of the ride */
  run(asked: BeginRideDto, by: By): Promise<string> {
    return this.db.write(async (manager) => {
      const named = await findNamed(manager, asked)
      const fittingOf = new Map<string, string>()
      for (const seat of asked.seats) {
        const { childId, visitId } = seat
        const begun = await this.beginning.within(manager, {
          childId,
          vehicleId: asked.vehicleId,
          ...(visitId !== undefined && { visitId }),
        })
        await this.ledger.append(manager, await this.ledger.findOpen(manager, begun.id), putsOf(seat, named), by)
        fittingOf.set(childId, begun.id)
      }
      const rideId = randomUUID()
      const idOf = (id: string): string => fittingOf.get(id) ?? id
      await manager.insert(RideRow, {
        id: rideId,
        createdAt: this.clock.now(),
        body: {
          adults: asked.adults.map(({ id, positionId, shoulderBreadthMm, isChild }) => ({
            id,
            positionId,
            ...(shoulderBreadthMm !== undefined && { shoulderBreadthMm }),
            ...(isChild === true && { isChild }),
          })),
          installing: asked.installing.map(idOf),
          loading: asked.loading.map(({ id, past }) => ({ id: idOf(id), past })),
        } as object,
      })
      for (const fittingId of fittingOf.values()) await manager.insert(RideFittingRow, { fittingId, rideId })
      const [first] = fittingOf.values()
      await this.ledger.tellRide(manager, await this.ledger.find(manager, FittingId(first as string)), by)
      // What is on each that widens it, and the second place of one that lies across, are its own to say.
      for (const seat of asked.seats) {
        const own = ownOf(seat)
        if (own === undefined) continue
        const row = await this.ledger.findOpen(manager, FittingId(fittingOf.get(seat.childId) as string))
        await this.ledger.append(manager, row, [{ path: ['ride', 'own'], value: own }], by)
      }
      return rideId
    })
  }
}

const ownOf = ({ isExtraOff, secondPositionId }: SeatDto): object | undefined =>
  isExtraOff === true || secondPositionId !== undefined
    ? { ...(isExtraOff === true && { isExtraOff }), ...(secondPositionId !== undefined && { secondPositionId }) }
    : undefined

/** The choice of one seat, as a fitter would make it. */
function putsOf(seat: SeatDto, { models, units }: Named): readonly Put[] {
  const { modelId, modeId, routeId, positionId, unitId, baseUnitId } = seat
  const chosen = [unitId, baseUnitId].flatMap((id) => units.get(id ?? '') ?? [])
  return [
    { path: ['restraints'], value: [models.get(modelId)] },
    ...(chosen.length > 0 ? [{ path: ['units'], value: chosen }] : []),
    {
      path: ['choice'],
      value: {
        modelId,
        modeId,
        routeId,
        positionId,
        ...(unitId !== undefined && { unitId }),
        ...(baseUnitId !== undefined && { baseUnitId }),
      },
    },
  ]
}

/** Everything that is named, found; or every name that is not. @throws FaultsException */
async function findNamed(manager: EntityManager, asked: BeginRideDto): Promise<Named> {
  const { seats, adults, installing, loading } = asked
  const vehicle = (await manager.findOneBy(VehicleRow, { id: asked.vehicleId }))?.body as Vehicle | undefined
  const modelRows = await manager.findBy(ModelRow, { id: In(seats.map((s) => s.modelId)) })
  const unitRows = await manager.findBy(UnitRow, { id: In(seats.flatMap((s) => [s.unitId ?? '', s.baseUnitId ?? ''])) })
  const models = new Map(modelRows.map((r) => [r.id, r.body as RestraintModel]))
  const units = new Map(unitRows.map((r) => [r.id, r.body as RestraintUnit]))
  const faults: Fault[] = []
  const fault = (path: string, message: string): unknown => faults.push({ path, message })
  if (vehicle === undefined) fault('$.vehicleId', `no vehicle "${asked.vehicleId}"`)
  const taken = new Set<string>()
  const once = (path: string, kind: string, id: string | undefined): void => {
    if (id === undefined) return
    const key = `${kind} ${id}`
    if (taken.has(key)) fault(path, `the ${kind} "${id}" is used twice`)
    taken.add(key)
  }
  const place = (path: string, id: string | undefined): void => {
    if (id === undefined || vehicle === undefined) return
    if (!vehicle.positions.some((p) => p.id === id)) fault(path, `no place "${id}" in the vehicle`)
    once(path, 'place', id)
  }
  seats.forEach((seat, i) => {
    const at = `$.seats[${i}]`
    once(`${at}.childId`, 'child', seat.childId)
    place(`${at}.positionId`, seat.positionId)
    place(`${at}.secondPositionId`, seat.secondPositionId)
    const mode: Mode | undefined = models.get(seat.modelId)?.modes.find((m) => m.id === seat.modeId)
    if (!models.has(seat.modelId)) fault(`${at}.modelId`, `no restraint "${seat.modelId}"`)
    else if (mode === undefined) fault(`${at}.modeId`, `no mode "${seat.modeId}" in that restraint`)
    else if (!mode.routes.some((r) => r.id === seat.routeId))
      fault(`${at}.routeId`, `no route "${seat.routeId}" in that mode`)
    for (const key of ['unitId', 'baseUnitId'] as const) {
      const id = seat[key]
      if (id === undefined) continue
      if (units.get(id)?.modelId !== seat.modelId) fault(`${at}.${key}`, `no unit "${id}" of that restraint`)
      once(`${at}.${key}`, 'unit', id)
    }
  })
  adults.forEach((adult, i) => {
    once(`$.adults[${i}].id`, 'adult', adult.id)
    if (adult.id === DRIVER_ID || seats.some((s) => s.childId === adult.id))
      fault(`$.adults[${i}].id`, `"${adult.id}" is somebody else of this ride`)
    place(`$.adults[${i}].positionId`, adult.positionId)
  })
  const riders = new Set([...seats.map((s) => s.childId), ...adults.map((a) => a.id)])
  installing.forEach((id, i) => {
    if (!seats.some((s) => s.childId === id)) fault(`$.installing[${i}]`, `no child "${id}" in this ride`)
  })
  loading.forEach(({ id, past }, i) => {
    if (!riders.has(id)) fault(`$.loading[${i}].id`, `nobody "${id}" in this ride`)
    past.forEach((placeId, j) => {
      if (vehicle && !vehicle.positions.some((p) => p.id === placeId))
        fault(`$.loading[${i}].past[${j}]`, `no place "${placeId}" in the vehicle`)
    })
  })
  if (vehicle === undefined || faults.length > 0) throw new FaultsException('No fitting was begun.', faults)
  return { vehicle, models, units }
}
