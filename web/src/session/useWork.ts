import { v4 as newId } from 'uuid'
import { useCallback, useEffect, useRef, useState } from 'react'
import { api, type Work } from './api.ts'

/** How often the server is asked how far it is. */
const BETWEEN_LOOKS_MS = 300

/** A request that takes long, followed: how far it is, and a way to give it up. */
export interface Followed {
  /** Share done, 0 to 1; `undefined` while nothing is under way. */
  readonly share: number | undefined
  /** Answers `undefined` when it was given up. */
  run<T>(request: (work: Work) => Promise<T>): Promise<T | undefined>
  stop(): void
  /** Asks the server to stop, and waits for what it says: stopped, or done already. For whatever is stored. */
  halt(): void
}

export function useWork(): Followed {
  const [share, setShare] = useState<number>()
  const going = useRef<AbortController>(undefined)
  const workId = useRef<string>(undefined)
  const stop = useCallback(() => {
    going.current?.abort()
    going.current = undefined
    setShare(undefined)
  }, [])
  // Whoever leaves the page waits no longer.
  useEffect(() => stop, [stop])
  const run = useCallback(
    async <T>(request: (work: Work) => Promise<T>): Promise<T | undefined> => {
      stop()
      const mine = new AbortController()
      going.current = mine
      setShare(0)
      const id = newId()
      workId.current = id
      const looking = setInterval(() => {
        // Done meanwhile, or not told: the answer itself will say.
        api.workShare(id).then(
          (told) => !mine.signal.aborted && going.current === mine && setShare(told.share),
          () => undefined,
        )
      }, BETWEEN_LOOKS_MS)
      try {
        const answer = await request({ id, signal: mine.signal })
        return mine.signal.aborted ? undefined : answer
      } catch (error) {
        if (mine.signal.aborted) return undefined
        throw error
      } finally {
        clearInterval(looking)
        if (going.current === mine) {
          going.current = undefined
          setShare(undefined)
        }
      }
    },
    [stop],
  )
  const halt = useCallback(() => {
    // Answered meanwhile, or not reached: the request's own answer says what came of it.
    if (going.current && workId.current !== undefined) api.stopWork(workId.current).catch(() => undefined)
  }, [])
  return { share, run, stop, halt }
}
