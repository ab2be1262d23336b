import { useEffect, useState } from 'react'

const NONE: ReadonlyMap<string, number> = new Map()

/** How many entries wait on this device for each fitting; what waits is sent meanwhile. Loaded after the first screen stands. */
export function useWaitingCounts(): ReadonlyMap<string, number> {
  const [counts, setCounts] = useState(NONE)
  useEffect(() => {
    let isGone = false
    let leave: (() => void) | undefined
    const arriving = Promise.all([import('./waiting.ts'), import('./sending.ts'), import('./erased.ts')])
    // Without the server there is nobody to send to; they come with the next page.
    void arriving
      .catch(() => undefined)
      .then((parts) => {
        if (isGone || !parts) return
        const [waiting, sending, erased] = parts
        const look = (): void => void waiting.waitingCounts().then((now) => isGone || setCounts(now))
        leave = sending.listen(look)
        void erased
          .forgetErased()
          .catch(() => undefined)
          .then(sending.sendAll)
          .finally(look)
      })
    return () => {
      isGone = true
      leave?.()
    }
  }, [])
  return counts
}
