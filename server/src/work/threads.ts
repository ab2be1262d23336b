import { join } from 'node:path'
import { Worker } from 'node:worker_threads'

/** The compiled thread; from sources (tests of this server in one process) the work is done in place. */
export const ENTRY = join(__dirname, 'worker.js')

/**
 * Threads that have read the program in, which costs a second: kept for the
 * next work, and for the next application where several stand in one process.
 */
export class Threads {
  private readonly idle: Worker[] = []
  /** Those that still read the program in, and when each of them has. */
  private readonly beginning = new Map<Worker, Promise<void>>()

  /** @param isShared whoever made it ends it; otherwise the application that uses it does */
  constructor(readonly isShared = false) {}

  /** One that has nothing to do, or a new one. */
  take(): Worker {
    return this.idle.pop() ?? this.begin()
  }

  /** It is done, and nobody listens to it any more. */
  giveBack(worker: Worker): void {
    this.idle.push(worker)
  }

  /** A thread that is stopped while it reads the program in takes the whole process with it: it is let finish that. */
  async stop(worker: Worker): Promise<void> {
    await this.beginning.get(worker)
    await worker.terminate()
  }

  async end(): Promise<void> {
    await Promise.all(this.idle.splice(0).map((worker) => this.stop(worker)))
  }

  private begin(): Worker {
    const worker = new Worker(ENTRY)
    // A program that ends does not wait for one that has nothing to do.
    worker.unref()
    const begun = new Promise<void>((resolve) => {
      const done = (): void => {
        this.beginning.delete(worker)
        worker.off('message', heard)
        resolve()
      }
      const heard = (told: { readonly hasBegun?: true }): void => {
        if (told.hasBegun === true) done()
      }
      worker.on('message', heard)
      worker.once('exit', () => {
        done()
        // One that ended while it waited is not given out again.
        const at = this.idle.indexOf(worker)
        if (at >= 0) this.idle.splice(at, 1)
      })
    })
    this.beginning.set(worker, begun)
    return worker
  }
}
