import { HttpException, Injectable } from '@nestjs/common'
import { Clock } from '../http/clock'

/** So many wrong tries cost nothing: a cold hand slips. */
const FREE_TRIES = 5
const LONGEST_WAIT_MS = 5 * 60_000
/** Names that are kept in mind at once; a flood of made-up ones pushes out the oldest. */
const MOST_NAMES = 10_000
/** One guess costs 128 MB: no more of them at once, and no more that wait. */
const MOST_WAITING = 16

/** Wrong passwords make the next try of that name wait: twice as long each time. Names nobody has wait alike, so that none is told apart. */
@Injectable()
export class SlowDown {
  private readonly wrong = new Map<string, { tries: number; nextAtMs: number }>()
  private tail: Promise<unknown> = Promise.resolve()
  private waiting = 0
  constructor(private readonly clock: Clock) {}

  /** @throws 429 with how long to wait */
  refuseEarly(name: string): void {
    const left = (this.wrong.get(keyOf(name))?.nextAtMs ?? 0) - this.clock.nowMs()
    if (left > 0) throw tooSoon(Math.ceil(left / 1000))
  }

  note(name: string, isRight: boolean): void {
    const key = keyOf(name)
    const { tries = 0 } = this.wrong.get(key) ?? {}
    this.wrong.delete(key)
    if (isRight) return
    const over = tries + 1 - FREE_TRIES
    const waitMs = over < 0 ? 0 : Math.min(LONGEST_WAIT_MS, 1000 * 2 ** over)
    this.wrong.set(key, { tries: tries + 1, nextAtMs: this.clock.nowMs() + waitMs })
    const [oldest] = this.wrong.keys()
    if (this.wrong.size > MOST_NAMES && oldest !== undefined) this.wrong.delete(oldest)
  }

  /** One guess after another. @throws 503 where too many wait already */
  async alone<T>(work: () => Promise<T>): Promise<T> {
    if (this.waiting >= MOST_WAITING)
      throw new HttpException({ statusCode: 503, message: 'Too many sign in at once. Try again in a moment.' }, 503)
    this.waiting += 1
    const mine = this.tail.then(work)
    this.tail = mine.catch(() => undefined)
    try {
      return await mine
    } finally {
      this.waiting -= 1
    }
  }
}

const keyOf = (name: string): string => name.trim().toLocaleLowerCase()

/** Says when to try again; the header `Retry-After` goes with it. */
const tooSoon = (seconds: number): HttpException =>
  new HttpException(
    { statusCode: 429, message: `Too many wrong tries. Wait ${seconds} s, then try again.`, retryAfterS: seconds },
    429,
  )
