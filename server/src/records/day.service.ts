import { IsoDate } from '@nimble-anchor/core/ground'
import { randomUUID } from 'node:crypto'
import { Injectable, NotFoundException } from '@nestjs/common'
import { type DayView, type FittingSummary, type VisitState, type VisitView } from '@nimble-anchor/core/formats'
import { addDays } from '@nimble-anchor/core/quantities'
import type { EntityManager } from 'typeorm'
import { JobsService } from '../aftercare/jobs.service'
import { SUMMARY_COLUMNS, toSummary } from '../fittings/fitting-views'
import { FaultsException } from '../http/faults'
import { Clock } from '../http/clock'
import { refuseUnseen } from '../http/seen'
import { Database } from '../storage/database'
import { DueService } from './due.service'
import { ChildRow, FittingRow, SettingRow, VehicleRow, VisitRow } from '../storage/entities'

export interface VisitEntry {
  readonly day: string
  readonly time: string
  readonly who: string
  readonly note: string
  readonly isWalkIn: boolean
  readonly state: VisitState
  readonly childId: string | null
  readonly vehicleId: string | null
  readonly fittingId: string | null
}

/** A queue of last month serves nobody, and holds names. */
const KEEP_VISITS_DAYS = 30
/** Days of use that must all be later than that, before anything is taken away. */
const SEEN_TO_FORGET = 3
const DAYS_SEEN = 'daysSeen'

/** The bay's day: who comes when, what has come due, which jobs wait. */
@Injectable()
export class DayService {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly jobs: JobsService,
    private readonly dues: DueService,
  ) {}

  async day(): Promise<DayView> {
    const today = this.clock.today()
    return {
      today,
      visits: await this.visits(today),
      due: await this.dues.due(today),
      dueWaiting: await this.dues.waiting(),
      jobs: await this.jobs.list(),
    }
  }

  add(visit: VisitEntry): Promise<VisitView> {
    return this.keep(randomUUID(), visit, true)
  }
  /** @param seen the fingerprint of the visit as whoever changes it saw it */
  change(id: string, visit: VisitEntry, seen: string | undefined): Promise<VisitView> {
    return this.keep(id, visit, false, seen)
  }
  remove(id: string): Promise<void> {
    return this.db.write(async (manager) => {
      const { affected } = await manager.delete(VisitRow, { id })
      if (!affected) throw new NotFoundException('There is no such visit.')
    })
  }

  private async keep(id: string, visit: VisitEntry, isNew: boolean, seen?: string): Promise<VisitView> {
    await this.db.write(async (manager) => {
      await this.refuseUnknown(manager, visit)
      if (isNew) {
        await this.forgetOldVisits(manager)
        return void (await manager.insert(VisitRow, { id, ...visit }))
      }
      const standing = await manager.findOneBy(VisitRow, { id })
      if (!standing) throw new NotFoundException('There is no such visit.')
      const { id: _id, ...entry } = standing
      refuseUnseen(entry, seen)
      await manager.update(VisitRow, { id }, visit)
    })
    const kept = (await this.visits(visit.day)).find((v) => v.id === id)
    if (!kept) throw new NotFoundException('There is no such visit.')
    return kept
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

  private async refuseUnknown(manager: EntityManager, v: VisitEntry): Promise<void> {
    const known = [
      ['childId', v.childId, ChildRow],
      ['vehicleId', v.vehicleId, VehicleRow],
      ['fittingId', v.fittingId, FittingRow],
    ] as const
    for (const [field, id, target] of known) {
      if (id !== null && (await manager.countBy(target, { id })) === 0)
        throw new FaultsException('Nothing was saved.', [{ path: `$.${field}`, message: 'is not known' }])
    }
  }

  private async visits(day: string): Promise<readonly VisitView[]> {
    const columns = SUMMARY_COLUMNS.map((c) => `f."${c}" AS "f_${c}"`).join(', ')
    const rows = (await this.db.read.query(
      `SELECT v.*, c."familyId", ${columns} FROM "visit" v LEFT JOIN "child" c ON c."id" = v."childId" LEFT JOIN "fitting" f ON f."id" = v."fittingId" WHERE v."day" = ? ORDER BY v."time", v."id"`,
      [day],
    )) as Record<string, unknown>[]
    return rows.map((r): VisitView => {
      const fitting = Object.fromEntries(SUMMARY_COLUMNS.map((c) => [c, r[`f_${c}`]])) as unknown as FittingSummary
      const { id, time, who, note, state, familyId, childId, vehicleId } = r as unknown as VisitView
      return { id, day, time, who, note, isWalkIn: r.isWalkIn === 1, state, familyId, childId, vehicleId, fitting: r.f_id === null ? null : toSummary(fitting) } // prettier-ignore
    })
  }
}
