import type { Case } from '@nimble-anchor/core/casefile'
import { wrap } from 'comlink'
import type { SetUpAnswer, SetUpWorker } from './protocol.ts'
import * as msg from './messages.en.ts'

export interface RunningSearch {
  readonly answer: Promise<SetUpAnswer>
  /** Ends the worker; the answer then never comes. */
  cancel(): void
}

export function startSearch(c: Case): RunningSearch {
  const worker = new Worker(new URL('./findSetUp.worker.ts', import.meta.url), { type: 'module' })
  const answer = new Promise<SetUpAnswer>((resolve, reject) => {
    worker.addEventListener('error', (e) => reject(new Error(e.message || msg.searchNotWorkedOut)))
    wrap<SetUpWorker>(worker).find(c).then(resolve, reject)
  }).finally(() => worker.terminate())
  return { answer, cancel: () => worker.terminate() }
}
