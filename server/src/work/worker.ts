import { parentPort } from 'node:worker_threads'
import { withoutValues } from '../http/failures'
import { TASKS, type TaskName } from './tasks'

interface Order {
  readonly task: TaskName
  readonly args: readonly unknown[]
}

/** One task at a time, in a thread of its own; what fails is told without what it was about. */
parentPort?.on('message', ({ task, args }: Order) => {
  void (async () => {
    try {
      const work = TASKS[task] as (...args: readonly unknown[]) => unknown
      parentPort?.postMessage({ value: await work(...args) })
    } catch (error) {
      parentPort?.postMessage({ failed: withoutValues(error) })
    }
  })()
})
