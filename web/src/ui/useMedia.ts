import { useMemo, useSyncExternalStore } from 'react'

/** Whether a media query holds, followed as the window changes. The browser is asked once, not at every drawing. */
export function useMedia(query: string): boolean {
  const [follow, holds] = useMemo(() => {
    const list = window.matchMedia(query)
    const subscribe = (changed: () => void): (() => void) => {
      list.addEventListener('change', changed)
      return () => list.removeEventListener('change', changed)
    }
    return [subscribe, () => list.matches] as const
  }, [query])
  return useSyncExternalStore(follow, holds)
}
