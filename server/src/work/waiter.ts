import { setImmediate as pause } from 'node:timers/promises'
import { ConflictException, createParamDecorator, type ExecutionContext } from '@nestjs/common'

/** Whoever waits for long work: they may go, and they are told how far it is. */
export interface Waiter {
  /** Given when they have hung up before the answer, or asked for it to be stopped. */
  readonly gone: AbortSignal
  /** @param share of the work that is done, 0 to 1 */
  tell(share: number): void
}

/** The header by which a request names its work, so that another may ask how far it is. */
const WORK_HEADER = 'x-work'
const WORK_ID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i
/** Nobody waits for more at once; who would is told nothing. */
const MOST_WORKS = 500

interface UnderWay {
  share: number
  readonly gone: AbortController
}
const works = new Map<string, UnderWay>()

/** How far a work is that somebody waits for, 0 to 1; `undefined` once it is answered, or where none is of that name. */
export const shareOf = (workId: string): number | undefined => works.get(workId)?.share

/** Asks a work to stop: its own answer says whether it still did. `false` where none of that name is under way. */
export function stopWork(workId: string): boolean {
  works.get(workId)?.gone.abort()
  return works.has(workId)
}

/** It was stopped in time: nothing came of it. */
export class Stopped extends ConflictException {
  constructor() {
    super('Stopped: nothing was stored.')
  }
}

/** Lets whoever else waits go first. @throws Stopped when nobody waits for this any more */
export async function goOn(waiter?: Waiter): Promise<void> {
  await pause()
  if (waiter?.gone.aborted) throw new Stopped()
}

interface Asking {
  header(name: string): string | undefined
}
interface Answering {
  readonly writableFinished: boolean
  once(event: 'close', heard: () => void): void
}

export function waiterOf(asking: Asking, answer: Answering): Waiter {
  const gone = new AbortController()
  const name = asking.header(WORK_HEADER)
  const workId = name !== undefined && WORK_ID.test(name) && works.size < MOST_WORKS ? name : undefined
  if (workId !== undefined) works.set(workId, { share: 0, gone })
  answer.once('close', () => {
    if (workId !== undefined) works.delete(workId)
    if (!answer.writableFinished) gone.abort()
  })
  return {
    gone: gone.signal,
    tell: (share) => {
      // It never seems to go back, and whoever has gone is told nothing.
      const work = workId === undefined ? undefined : works.get(workId)
      if (work) work.share = Math.max(work.share, Math.min(1, share))
    },
  }
}

/** A part of a work as the whole of it: its shares are told from `from` to `to`. */
export const partOf = ({ gone, tell }: Waiter, from: number, to: number): Waiter => ({
  gone,
  tell: (share) => tell(from + share * (to - from)),
})

export const Waits = createParamDecorator((_: unknown, context: ExecutionContext): Waiter => {
  const http = context.switchToHttp()
  return waiterOf(http.getRequest<Asking>(), http.getResponse<Answering>())
})
