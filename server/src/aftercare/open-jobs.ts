import type { OpenJob } from '@nimble-anchor/core/aftercare'
import type { EntityManager } from 'typeorm'
import { JobRow } from '../storage/entities'

/** A job is over only when its checks have passed. */
export const isOpen = (state: JobRow['state']): boolean => state !== 'passed'

/** The jobs on a unit that hold it up, as core judges them. */
export async function openJobsOf(manager: EntityManager, unitId: string): Promise<readonly OpenJob[]> {
  const jobs = await manager.findBy(JobRow, { unitId })
  return jobs
    .filter((j) => isOpen(j.state))
    .map((j) => ({ kind: j.kind, holdsUnit: j.plan.holdsUnit, since: j.startedAt.slice(0, 10) }))
}
