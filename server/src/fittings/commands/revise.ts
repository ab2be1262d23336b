import { ConflictException, Injectable } from '@nestjs/common'
import { datedChild, type Case } from '@nimble-anchor/core/casefile'
import { type FittingView } from '@nimble-anchor/core/formats'
import { Clock } from '../../http/clock'
import { Database } from '../../storage/database'
import { Ledger } from '../ledger'

/** Begins a correction of a signed fitting: all that it says, open again for today; both are kept. */
@Injectable()
export class ReviseFitting {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly ledger: Ledger,
  ) {}

  run(id: string): Promise<FittingView> {
    return this.db.write(async (manager) => {
      const row = await this.ledger.find(manager, id)
      if (row.status !== 'signed')
        throw new ConflictException('Only a signed fitting is revised; an open one is simply changed.')
      const { handover: _signed, ...current } = row.current as Case
      // What was measured then was measured then: the day goes with it before the day of the case moves on.
      const child = datedChild(current.child, current.today)
      return this.ledger.begin(manager, { ...current, child, today: this.clock.today() }, { revises: row.id })
    })
  }
}
