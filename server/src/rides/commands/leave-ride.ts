import { type FittingId } from '@nimble-anchor/core/ground'
import { Injectable, NotFoundException } from '@nestjs/common'
import { Ledger } from '../../fittings/ledger'
import { memberOf, rideOf } from '../../fittings/ride-of'
import type { By } from '../../people/caller'
import { Database } from '../../storage/database'
import { RideFittingRow } from '../../storage/entities'

/** One of a ride travels alone from here on: the others are looked at without it. */
@Injectable()
export class LeaveRide {
  constructor(
    private readonly db: Database,
    private readonly ledger: Ledger,
  ) {}

  run(rideId: string, fittingId: FittingId, by: By): Promise<void> {
    return this.db.write(async (manager) => {
      const ride = await rideOf(manager, fittingId)
      if (ride?.id !== rideId) throw new NotFoundException('This fitting is not of that ride.')
      const row = await this.ledger.findOpen(manager, fittingId)
      await manager.delete(RideFittingRow, { fittingId })
      await this.ledger.append(manager, row, [{ path: ['ride'], value: null }], { ...by, isOfRide: true })
      const rest = ride.rows.find((r) => memberOf(r).id !== fittingId)
      if (rest) await this.ledger.tellRide(manager, rest, by)
    })
  }
}
