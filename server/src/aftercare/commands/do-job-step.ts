import { Injectable } from '@nestjs/common'
import { withStep } from '@nimble-anchor/core/aftercare'
import type { JobView } from '@nimble-anchor/core/formats'
import { FaultsException } from '../../http/faults'
import type { By } from '../../people/caller'
import { JobBook } from '../job-book'

/** Notes a step of a job as done, or takes that back. */
@Injectable()
export class DoJobStep {
  constructor(private readonly book: JobBook) {}

  run(id: string, by: By, { stepId, isDone }: { readonly stepId: string; readonly isDone: boolean }): Promise<JobView> {
    return this.book.change(id, by, (plan, record) => {
      const step = plan.steps.find((s) => s.id === stepId)
      if (!step) throw new FaultsException('Nothing was saved.', [{ path: '$.stepId', message: 'no such step in this job' }]) // prettier-ignore
      return { record: withStep(plan, record, stepId, isDone), what: `${isDone ? 'Done' : 'Taken back'}: ${step.text}` }
    })
  }
}
