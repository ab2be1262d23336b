import { parentPort } from 'node:worker_threads'
import { withoutValues } from '../http/failures'
import { TASKS, type TaskName, type Tell } from './tasks'

interface Order {
  readonly task: TaskName
  readonly args: readonly unknown[]
}

/** Told no oftener than anybody would look. */
const BETWEEN_TELLS_MS = 100
function teller(): Tell {
  let last = Date.now()
  return (share) => {
    const now = Date.now()
    if (now - last < BETWEEN_TELLS_MS) return
    last = now
    parentPort?.postMessage({ share })
  }
}

/** One task at a time, in a thread of its own; what fails is told without what it was about. */
parentPort?.on('message', ({ task, args }: Order) => {
  void (async () => {
    try {
      const work = TASKS[task] as (tell: Tell, ...args: readonly unknown[]) => unknown
      parentPort?.postMessage({ value: await work(teller(), ...args) })
    } catch (error) {
      parentPort?.postMessage({ failed: withoutValues(error) })
    }
  })()
})
// All of the program is read in: from here on the thread may be stopped.
parentPort?.postMessage({ hasBegun: true })
