import { randomUUID } from 'node:crypto'
import { Injectable } from '@nestjs/common'
import type { VisitView } from '@nimble-anchor/core/formats'
import { IsoDate } from '@nimble-anchor/core/ground'
import { addDays } from '@nimble-anchor/core/quantities'
import type { EntityManager } from 'typeorm'
import { Clock } from '../../http/clock'
import { Database } from '../../storage/database'
import { SettingRow, VisitRow } from '../../storage/entities'
import { refuseUnknown, visitsOf, type VisitEntry } from '../visits'

/** A queue of last month serves nobody, and holds names. */
const KEEP_VISITS_DAYS = 30
/** Days of use that must all be later than that, before anything is taken away. */
const SEEN_TO_FORGET = 3
const DAYS_SEEN = 'daysSeen'

/** Books a family for a time, or notes one that walked in. */
@Injectable()
export class BookVisit {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
  ) {}

  run(visit: VisitEntry): Promise<VisitView> {
    return this.db.write(async (manager) => {
      await refuseUnknown(manager, visit)
      await this.forgetOldVisits(manager)
      const id = randomUUID()
      await manager.insert(VisitRow, { id, ...visit })
      const [booked] = await visitsOf(manager, visit.day, id)
      return booked as VisitView
    })
  }

  /**
   * A queue of last month goes, by days on which the program was used and not
   * by the clock alone: one that stands wrong for a day or two takes nothing away.
   */
  private async forgetOldVisits(manager: EntityManager): Promise<void> {
    const today = this.clock.today()
    const kept = await manager.findOneBy(SettingRow, { key: DAYS_SEEN })
    const before = kept === null ? [] : kept.value.split(' ')
    const seen = [...new Set([...before, today])].toSorted().slice(-SEEN_TO_FORGET)
    // A day that lies before all others was seen by a clock put right: the later ones were the wrong ones.
    const days = before.length > 0 && today < (before[0] as string) ? [today] : seen
    if (days.join(' ') !== before.join(' ')) await manager.upsert(SettingRow, { key: DAYS_SEEN, value: days.join(' ') }, ['key']) // prettier-ignore
    const [oldest] = days
    if (days.length === SEEN_TO_FORGET && oldest !== undefined)
      await manager.query(`DELETE FROM "visit" WHERE "day" < ?`, [addDays(IsoDate(oldest), -KEEP_VISITS_DAYS)])
  }
}
