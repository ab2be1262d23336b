import { Injectable, NotFoundException } from '@nestjs/common'
import type { VisitView } from '@nimble-anchor/core/formats'
import { refuseUnseen } from '../../http/seen'
import { Database } from '../../storage/database'
import { VisitRow } from '../../storage/entities'
import { refuseUnknown, visitsOf, type VisitEntry } from '../visits'

/** Changes what is known of a visit. */
@Injectable()
export class ChangeVisit {
  constructor(private readonly db: Database) {}

  /** @param seen the fingerprint of the visit as whoever changes it saw it */
  run(id: string, visit: VisitEntry, seen: string | undefined): Promise<VisitView> {
    return this.db.write(async (manager) => {
      await refuseUnknown(manager, visit)
      const standing = await manager.findOneBy(VisitRow, { id })
      if (!standing) throw new NotFoundException('There is no such visit.')
      const { id: _id, ...entry } = standing
      refuseUnseen(entry, seen)
      await manager.update(VisitRow, { id }, visit)
      const [changed] = await visitsOf(manager, visit.day, id)
      return changed as VisitView
    })
  }
}
