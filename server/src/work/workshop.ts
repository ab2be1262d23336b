import { existsSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import type { Worker } from 'node:worker_threads'
import { Injectable, Logger, ServiceUnavailableException, type OnModuleDestroy } from '@nestjs/common'
import { TASKS, type TaskArgs, type TaskName, type Tasks, type Tell } from './tasks'
import { ENTRY, Threads } from './threads'
import { Stopped, type Waiter } from './waiter'

type Value<K extends TaskName> = Awaited<ReturnType<Tasks[K]>>

interface Job {
  readonly task: TaskName
  readonly args: readonly unknown[]
  readonly resolve: (value: never) => void
  readonly reject: (error: Error) => void
  readonly waiter: Waiter | undefined
}

/** What a thread says: that it has begun, how far it is, what came of it, or that it failed. */
interface Told {
  readonly hasBegun?: true
  readonly share?: number
  readonly value?: unknown
  readonly failed?: string
}

/** Longer than any file or family needs; what takes this long is given up. */
const MOST_MS = 60_000
const MOST_WAITING = 200
/** Two at most: a sheet need not wait for a file of ten thousand units, and the requests keep a processor. */
const MOST_WORKERS = Math.max(1, Math.min(2, availableParallelism()))

/**
 * Long work, done beside the requests: forecasts, sheets, and files read and
 * written. Each is taken in turn; one that nobody waits for any more is dropped,
 * and stopped where it is under way.
 */
@Injectable()
export class Workshop implements OnModuleDestroy {
  private readonly log = new Logger(Workshop.name)
  private readonly waiting: Job[] = []
  private readonly busy = new Set<Worker>()
  private isClosed = false

  constructor(private readonly threads: Threads) {}

  /** @param waiter is told how far it is; once they have gone, the work ends */
  run<K extends TaskName>(task: K, args: TaskArgs<K>, waiter?: Waiter): Promise<Value<K>> {
    if (!existsSync(ENTRY)) {
      const work = TASKS[task] as (tell: Tell, ...args: readonly unknown[]) => unknown
      return Promise.resolve().then(() => work(waiter?.tell ?? (() => undefined), ...args) as Value<K>)
    }
    if (this.waiting.length >= MOST_WAITING)
      return Promise.reject(new ServiceUnavailableException('Too much is waiting to be worked out. Try again in a moment.')) // prettier-ignore
    return new Promise<Value<K>>((resolve, reject) => {
      this.waiting.push({ task, args, resolve: resolve as (value: never) => void, reject, waiter })
      this.next()
    })
  }

  private next(): void {
    while (this.waiting.length > 0 && this.busy.size < MOST_WORKERS && !this.isClosed) {
      const job = this.waiting.shift() as Job
      if (job.waiter?.gone.aborted) job.reject(new Stopped())
      else this.work(job, this.threads.take())
    }
  }

  private work({ task, args, resolve, reject, waiter }: Job, worker: Worker): void {
    this.busy.add(worker)
    const done = (isReusable: boolean, settle: () => void): void => {
      clearTimeout(timer)
      waiter?.gone.removeEventListener('abort', giveUp)
      // One by one: the thread listens to itself too.
      worker.off('message', heard)
      worker.off('error', broke)
      worker.off('exit', ended)
      settle()
      if (isReusable && !this.isClosed) {
        this.threads.giveBack(worker)
        free()
      } else void this.threads.stop(worker).then(free)
    }
    // One that is being ended takes a place still: whoever gives up again and again begins no thread after another.
    const free = (): void => {
      this.busy.delete(worker)
      this.next()
    }
    const heard = ({ value, failed, share, hasBegun }: Told): void => {
      if (hasBegun === true) return
      if (share !== undefined) return waiter?.tell(share)
      done(true, () => {
        if (failed === undefined) return resolve(value as never)
        this.log.error(`${task}: ${failed}`)
        reject(new Error(`${task} failed`))
      })
    }
    const broke = (error: Error): void => done(false, () => reject(error))
    const ended = (): void => done(false, () => reject(new Error(`The thread ended during ${task}`)))
    const giveUp = (): void => done(false, () => reject(new Stopped()))
    const timer = setTimeout(
      () => done(false, () => reject(new ServiceUnavailableException('This took too long and was given up.'))),
      MOST_MS,
    ).unref()
    waiter?.gone.addEventListener('abort', giveUp)
    worker.on('message', heard)
    worker.on('error', broke)
    worker.on('exit', ended)
    worker.postMessage({ task, args })
  }

  async onModuleDestroy(): Promise<void> {
    this.isClosed = true
    for (const { reject } of this.waiting.splice(0)) reject(new ServiceUnavailableException('The server ends.'))
    await Promise.all([...this.busy].map((worker) => this.threads.stop(worker)))
    if (!this.threads.isShared) await this.threads.end()
  }
}
