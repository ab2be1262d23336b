import { type FittingId } from '@nimble-anchor/core/ground'
import { Injectable } from '@nestjs/common'
import { type FittingView } from '@nimble-anchor/core/formats'
import { Database } from '../../storage/database'
import { updateFitting } from '../../storage/statements'
import { Ledger } from '../ledger'

/** Another colleague goes on with an open fitting; who entered what stays as it was. */
@Injectable()
export class PassFitting {
  constructor(
    private readonly db: Database,
    private readonly ledger: Ledger,
  ) {}

  run(id: FittingId, personId: string): Promise<FittingView> {
    return this.db.write(async (manager) => {
      const row = await this.ledger.findOpen(manager, id)
      row.holderId = personId
      await updateFitting(manager, id, { holderId: personId })
      return this.ledger.told(row)
    })
  }
}
