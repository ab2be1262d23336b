import { type FittingId } from '@nimble-anchor/core/ground'
import { ConflictException, Injectable } from '@nestjs/common'
import { jobState, unitAwaiting, unitFacts, type JobPlan, type JobRecord } from '@nimble-anchor/core/aftercare'
import type { Case } from '@nimble-anchor/core/casefile'
import type { JobView } from '@nimble-anchor/core/formats'
import type { RestraintUnit } from '@nimble-anchor/core/restraint'
import type { EntityManager } from 'typeorm'
import { EnterFitting } from '../fittings/commands/enter'
import { Clock } from '../http/clock'
import type { By } from '../people/caller'
import { Database } from '../storage/database'
import { FittingRow, JobEntryRow, JobRow, UnitRow } from '../storage/entities'
import { findJob, viewOf } from './jobs-read'
import { isOpen, openJobsOf } from './open-jobs'

/** What a command makes of a job, and how that is called in its log. */
interface Changed {
  readonly record: JobRecord
  readonly what: string
}

/**
 * Where each change of a job is stored, whichever command makes it: its record
 * and log, what it means for its unit, and for the fittings that use the unit.
 */
@Injectable()
export class JobBook {
  constructor(
    private readonly db: Database,
    private readonly clock: Clock,
    private readonly entering: EnterFitting,
  ) {}

  async begin(manager: EntityManager, row: JobRow, unit: RestraintUnit, by: By): Promise<JobView> {
    await manager.insert(JobRow, row as object)
    await this.log(manager, row.id, by, 'Begun')
    await this.keepUnit(manager, unit, row, by)
    return viewOf(manager, row)
  }

  /** @throws NotFoundException, and ConflictException of a job that is over */
  change(id: string, by: By, make: (plan: JobPlan, record: JobRecord) => Changed): Promise<JobView> {
    return this.db.write(async (manager) => {
      const row = await findJob(manager, id)
      if (!isOpen(row.state)) throw new ConflictException('This job is finished; start it again.')
      const { record, what } = make(row.plan, row.record)
      const { state } = jobState(row.plan, record)
      Object.assign(row, { record, state, endedAt: isOpen(state) ? null : this.clock.now() })
      await manager.update(JobRow, { id }, { record: row.record as object, state, endedAt: row.endedAt })
      await this.log(manager, id, by, what)
      const unit = await manager.findOneBy(UnitRow, { id: row.unitId })
      if (unit) await this.keepUnit(manager, unit.body as RestraintUnit, row, by)
      if (row.kind === 'take-out' && state === 'passed' && row.fittingId !== null) await this.noteRemoved(manager, row.fittingId, by) // prettier-ignore
      return viewOf(manager, row)
    })
  }

  /** What the jobs say of a unit goes into the catalogue, and into every open fitting that uses it. */
  private async keepUnit(
    manager: EntityManager,
    before: RestraintUnit,
    { plan, record }: Pick<JobRow, 'plan' | 'record'>,
    by: By,
  ): Promise<void> {
    const unit = unitAwaiting(unitFacts(before, plan, record), await openJobsOf(manager, before.id))
    if (JSON.stringify(unit) === JSON.stringify(before)) return
    await manager.update(UnitRow, { id: unit.id }, { body: unit as object })
    const using = await manager.findBy(FittingRow, { unitId: unit.id, status: 'open' })
    for (const row of using) {
      const { units = [] } = row.current as Case
      const value = units.map((u) => (u.id === unit.id ? unit : u))
      await this.entering.run(
        row.id,
        { baseSequence: row.sequence, who: by.who, puts: [{ path: ['units'], value }] },
        by.personId,
      )
    }
  }

  /** Out of the car: nothing that was looked at there holds any more. A signed fitting stays as it was signed. */
  private async noteRemoved(manager: EntityManager, fittingId: FittingId, by: By): Promise<void> {
    const row = await manager.findOneBy(FittingRow, { id: fittingId })
    if (row?.status !== 'open') return
    const puts = [{ path: ['disturbances', 'removed'], value: {} }]
    await this.entering.run(fittingId, { baseSequence: row.sequence, who: by.who, puts }, by.personId)
  }

  private async log(manager: EntityManager, jobId: string, { who, personId }: By, what: string): Promise<void> {
    const sequence = (await manager.countBy(JobEntryRow, { jobId })) + 1
    await manager.insert(JobEntryRow, { jobId, sequence, notedAt: this.clock.now(), who, what, personId })
  }
}
