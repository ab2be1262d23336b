import { FittingId } from '@nimble-anchor/core/ground'
import { ConflictException, Injectable } from '@nestjs/common'
import { datedChild, type Case } from '@nimble-anchor/core/casefile'
import { type FittingView } from '@nimble-anchor/core/formats'
import { Clock } from '../../http/clock'
import type { EntityManager } from 'typeorm'
import { Database } from '../../storage/database'
import { RideFittingRow, RideRow, type RideBody } from '../../storage/entities'
import { rideOf } from '../ride-of'
import { Ledger } from '../ledger'

/** In its ride a correction stands where what it corrects stood: that one travels no more. */
async function takesItsPlace(manager: EntityManager, before: string, now: string): Promise<void> {
  const ride = await rideOf(manager, FittingId(before))
  if (ride === undefined) return
  const { body } = ride
  const idOf = (id: string): string => (id === before ? now : id)
  const next: RideBody = {
    ...body,
    installing: body.installing.map(idOf),
    loading: body.loading.map((l) => ({ ...l, id: idOf(l.id) })),
  }
  await manager.insert(RideFittingRow, { fittingId: now, rideId: ride.id })
  await manager.delete(RideFittingRow, { fittingId: before })
  await manager.update(RideRow, { id: ride.id }, { body: next as object })
}

/** Begins a correction of a signed fitting: all that it says, open again for today; both are kept. */
@Injectable()
export class ReviseFitting {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly ledger: Ledger,
  ) {}

  run(id: FittingId): Promise<FittingView> {
    return this.db.write(async (manager) => {
      const row = await this.ledger.find(manager, id)
      if (row.status !== 'signed')
        throw new ConflictException('Only a signed fitting is revised; an open one is simply changed.')
      const { handover: _signed, ...current } = row.current as Case
      // What was measured then was measured then: the day goes with it before the day of the case moves on.
      const child = datedChild(current.child, current.today)
      const begun = await this.ledger.begin(
        manager,
        { ...current, child, today: this.clock.today() },
        { revises: row.id },
      )
      await takesItsPlace(manager, row.id, begun.id)
      return begun
    })
  }
}
