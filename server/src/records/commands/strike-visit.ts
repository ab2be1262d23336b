import { Injectable, NotFoundException } from '@nestjs/common'
import { Database } from '../../storage/database'
import { VisitRow } from '../../storage/entities'

/** Takes a visit off the queue. */
@Injectable()
export class StrikeVisit {
  constructor(private readonly db: Database) {}

  run(id: string): Promise<void> {
    return this.db.write(async (manager) => {
      const { affected } = await manager.delete(VisitRow, { id })
      if (!affected) throw new NotFoundException('There is no such visit.')
    })
  }
}
