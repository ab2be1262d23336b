import { Injectable } from '@nestjs/common'
import type { AuditRow } from '@nimble-anchor/core/formats'
import { Clock } from '../http/clock'
import { Database } from '../storage/database'
import { AuditEntity } from '../storage/people-entities'
import type { Caller } from './caller'

const MOST_SHOWN = 500

/** Who did what about the bay, append-only, and nothing in it that is personal to a family. */
@Injectable()
export class Audit {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
  ) {}

  async note(caller: Caller, what: string): Promise<void> {
    // Without people there is nobody to name, and nobody to read it.
    if (!caller.hasPeople) return
    const row = { notedAt: this.clock.now(), personId: caller.person?.id ?? null, who: caller.person?.name ?? 'not signed in', what } // prettier-ignore
    await this.db.write((manager) => manager.insert(AuditEntity, row))
  }

  async newest(): Promise<readonly AuditRow[]> {
    const rows = await this.db.read.find(AuditEntity, { order: { number: 'DESC' }, take: MOST_SHOWN })
    return rows.map(({ number, notedAt, who, what }) => ({ number, notedAt, who, what }))
  }
}
