import { ConflictException, Injectable } from '@nestjs/common'
import { jobState, withAnswer } from '@nimble-anchor/core/aftercare'
import type { JobView } from '@nimble-anchor/core/formats'
import { FaultsException } from '../../http/faults'
import type { By } from '../../people/caller'
import { JobBook } from '../job-book'

/** Answers a check at the end of a job. */
@Injectable()
export class AnswerJobCheck {
  constructor(private readonly book: JobBook) {}

  run(
    id: string,
    by: By,
    { checkId, optionId }: { readonly checkId: string; readonly optionId: string },
  ): Promise<JobView> {
    return this.book.change(id, by, (plan, record) => {
      const check = plan.checks.find((c) => c.id === checkId)
      const option = check?.options.find((o) => o.id === optionId)
      if (!check || !option) throw new FaultsException('Nothing was saved.', [{ path: check ? '$.optionId' : '$.checkId', message: 'is not asked by this job' }]) // prettier-ignore
      if (jobState(plan, record).nextStep)
        throw new ConflictException('The checks come when every step is done: a step may undo what they look at.')
      return { record: withAnswer(record, checkId, optionId), what: `${check.label}: ${option.label}` }
    })
  }
}
