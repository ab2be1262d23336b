import { IsoDate } from '@nimble-anchor/core/ground'
import type { OpenJob } from '@nimble-anchor/core/aftercare'
import { Not, type EntityManager } from 'typeorm'
import { JobRow } from '../storage/entities'

/** A job is over only when its checks have passed. */
export const isOpen = (state: JobRow['state']): boolean => state !== 'passed'

const toOpenJob = ({ kind, plan, startedAt }: JobRow): OpenJob => ({
  kind,
  holdsUnit: plan.holdsUnit,
  since: IsoDate(startedAt.slice(0, 10)),
})

/** The jobs on a unit that hold it up, as core judges them. */
export async function openJobsOf(manager: EntityManager, unitId: string): Promise<readonly OpenJob[]> {
  return (await manager.findBy(JobRow, { unitId })).filter((j) => isOpen(j.state)).map(toOpenJob)
}

/** The same of every unit that has any. */
export async function openJobs(manager: EntityManager): Promise<ReadonlyMap<string, readonly OpenJob[]>> {
  const all = new Map<string, OpenJob[]>()
  for (const job of await manager.findBy(JobRow, { state: Not('passed') })) {
    const own = all.get(job.unitId)
    if (own) own.push(toOpenJob(job))
    else all.set(job.unitId, [toOpenJob(job)])
  }
  return all
}
