import type { JobView } from '@nimble-anchor/core/formats'
import type { MarkState } from '../ui/StateMark.tsx'

/** How far a job is, as mark and word. */
export const JOB_MARK: Record<JobView['state'], { readonly mark: MarkState; readonly word: string }> = {
  steps: { mark: 'undecided', word: 'Steps to do' },
  checks: { mark: 'undecided', word: 'To be checked' },
  passed: { mark: 'pass', word: 'Done and checked' },
  failed: { mark: 'fail', word: 'A check failed' },
}
