import { useEffect, useState } from 'react'

/** True once the page stands and is idle: what nobody needs at the first look is fetched then, before it is asked for. */
export function useLater(): boolean {
  const [isLater, setLater] = useState(false)
  useEffect(() => {
    const begin = (): void => setLater(true)
    if ('requestIdleCallback' in window) {
      const handle = window.requestIdleCallback(begin, { timeout: 2000 })
      return () => window.cancelIdleCallback(handle)
    }
    const timer = setTimeout(begin, 500)
    return () => clearTimeout(timer)
  }, [])
  return isLater
}
