import { useEffect, useState } from 'react'

interface Sentinel {
  release(): Promise<void>
}
interface WakeLock {
  request(kind: 'screen'): Promise<Sentinel>
}

/**
 * Keeps the screen on while it is wanted, where the browser can: the system
 * takes the lock away when the page is hidden, so it is asked for again.
 * Says whether it holds.
 */
export function useWakeLock(isWanted: boolean): boolean {
  const [holds, setHolds] = useState(false)
  useEffect(() => {
    const { wakeLock } = navigator as unknown as { wakeLock?: WakeLock }
    if (!isWanted || !wakeLock) return
    let held: Sentinel | undefined
    let isOver = false
    const take = (): void => {
      if (document.visibilityState !== 'visible') return
      wakeLock.request('screen').then(
        (sentinel) => {
          if (isOver) return void sentinel.release()
          held = sentinel
          setHolds(true)
        },
        () => setHolds(false),
      )
    }
    take()
    document.addEventListener('visibilitychange', take)
    return () => {
      isOver = true
      document.removeEventListener('visibilitychange', take)
      void held?.release()
      setHolds(false)
    }
  }, [isWanted])
  return holds
}
