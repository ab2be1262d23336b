import type { JobView } from '@nimble-anchor/core/formats'
import type { MarkState } from '../ui/StateMark.tsx'
import * as msg from './messages.en.ts'

/** How far a job is, as mark and word. */
export const JOB_MARK: Record<JobView['state'], { readonly mark: MarkState; readonly word: string }> = {
  steps: { mark: 'undecided', word: msg.stepsToDo },
  checks: { mark: 'undecided', word: msg.toBeChecked },
  passed: { mark: 'pass', word: msg.doneAndChecked },
  failed: { mark: 'fail', word: msg.aCheckFailed },
}
