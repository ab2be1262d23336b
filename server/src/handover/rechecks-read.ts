import { type FittingId } from '@nimble-anchor/core/ground'
import { Injectable } from '@nestjs/common'
import type { RecheckView } from '@nimble-anchor/core/formats'
import { FittingsRead } from '../fittings/fittings-read'
import { Database } from '../storage/database'
import { RecheckRow } from '../storage/entities'

export const toRecheck = ({ id, fittingId, answeredAt, who, kind, items, answers }: RecheckView): RecheckView => ({ id, fittingId, answeredAt, who, kind, items, answers }) // prettier-ignore

/** What carers found when they looked at an installation again. */
@Injectable()
export class RechecksRead {
  constructor(
    private readonly db: Database,
    private readonly fittings: FittingsRead,
  ) {}

  /** Of one fitting, the newest first. @throws NotFoundException */
  async list(fittingId: FittingId): Promise<readonly RecheckView[]> {
    await this.fittings.get(fittingId)
    return (await this.db.read.find(RecheckRow, { where: { fittingId }, order: { answeredAt: 'DESC' } })).map(toRecheck)
  }
}
