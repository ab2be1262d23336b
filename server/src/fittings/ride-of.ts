import { type FittingId } from '@nimble-anchor/core/ground'
import type { Case } from '@nimble-anchor/core/casefile'
import type { Member } from '@nimble-anchor/core/ride'
import { In, type EntityManager } from 'typeorm'
import { FittingRow, RideFittingRow, RideRow, type RideBody } from '../storage/entities'
import { rideIdOf } from '../storage/statements'

/** A ride as it is stored, with the fittings that are of it. */
export interface StoredRide {
  readonly id: string
  readonly createdAt: string
  readonly body: RideBody
  /** In the order in which their restraints go in. */
  readonly rows: readonly FittingRow[]
}

export const memberOf = ({ id, current }: FittingRow): Member => ({ id, case: current as Case })

export async function findRide(manager: EntityManager, rideId: string): Promise<StoredRide | undefined> {
  const ride = await manager.findOneBy(RideRow, { id: rideId })
  if (!ride) return undefined
  const bound = await manager.findBy(RideFittingRow, { rideId })
  const rows = await manager.findBy(FittingRow, { id: In(bound.map((b) => b.fittingId)) })
  const { installing } = ride.body
  const turn = ({ id }: FittingRow): number => installing.indexOf(id)
  return { id: ride.id, createdAt: ride.createdAt, body: ride.body, rows: rows.toSorted((a, b) => turn(a) - turn(b)) }
}

/** The ride that a fitting is of, where it is of one. */
export async function rideOf(manager: EntityManager, fittingId: FittingId): Promise<StoredRide | undefined> {
  const rideId = await rideIdOf(manager, fittingId)
  return rideId === undefined ? undefined : findRide(manager, rideId)
}
