import { useEffect, useRef, useState, type RefObject } from 'react'

/** Whether a part of a long page has come near what is in view; once it has, it stays so. */
export function useSeen<T extends Element>(): { readonly ref: RefObject<T | null>; readonly isSeen: boolean } {
  const ref = useRef<T>(null)
  const [isSeen, setSeen] = useState(() => !('IntersectionObserver' in window))
  useEffect(() => {
    if (isSeen || ref.current === null) return
    const watch = new IntersectionObserver(
      (entries) => {
        if (entries.some((e) => e.isIntersecting)) setSeen(true)
      },
      { rootMargin: '400px' },
    )
    watch.observe(ref.current)
    return () => watch.disconnect()
  }, [isSeen])
  return { ref, isSeen }
}
