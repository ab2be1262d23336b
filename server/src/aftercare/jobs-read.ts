import { Injectable, NotFoundException } from '@nestjs/common'
import type { JobView } from '@nimble-anchor/core/formats'
import { UnitId } from '@nimble-anchor/core/ground'
import type { EntityManager } from 'typeorm'
import { Database } from '../storage/database'
import { JobEntryRow, JobRow } from '../storage/entities'

const MOST_JOBS = 200

/** The jobs on units, as they stand. */
@Injectable()
export class JobsRead {
  constructor(private readonly db: Database) {}

  /** Open jobs, or all of one unit, the newest first. */
  async list(unitId?: string): Promise<readonly JobView[]> {
    const query = this.db.read.createQueryBuilder(JobRow, 'job').orderBy('job.startedAt', 'DESC').take(MOST_JOBS)
    if (unitId === undefined) query.where(`job.state <> 'passed'`)
    else query.where('job.unitId = :unitId', { unitId })
    return Promise.all((await query.getMany()).map((row) => viewOf(this.db.read, row)))
  }

  /** @throws NotFoundException */
  async get(id: string): Promise<JobView> {
    return viewOf(this.db.read, await findJob(this.db.read, id))
  }
}

/** @throws NotFoundException */
export async function findJob(manager: EntityManager, id: string): Promise<JobRow> {
  const row = await manager.findOneBy(JobRow, { id })
  if (!row) throw new NotFoundException('There is no such job.')
  return row
}

/** A job with all that was done of it. */
export async function viewOf(manager: EntityManager, row: JobRow): Promise<JobView> {
  const log = await manager.find(JobEntryRow, { where: { jobId: row.id }, order: { sequence: 'ASC' } })
  const { id, unitId, unitName, fittingId, kind, plan, record, state, startedAt, endedAt } = row
  return { id, unitId: UnitId(unitId), unitName, fittingId, kind, plan, record, state, startedAt, endedAt, log: log.map(({ notedAt, who, what }) => ({ notedAt, who, what })) } // prettier-ignore
}
