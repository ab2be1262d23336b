import { useEffect, type RefObject } from 'react'

/**
 * Keeps the one of a list that is in hand in view, however far the list is scrolled.
 *
 * It waits until the browser has laid the page out of itself: to ask where something stands before that makes the whole
 * page be laid out twice, and a stage that has just come is a whole page.
 *
 * @param list what scrolls
 * @param selector the one in hand
 * @param at what it goes by: looked at anew whenever that changes
 */
export function useInView(
  list: RefObject<Element | null>,
  selector: string,
  at: string | undefined,
  inline?: ScrollLogicalPosition,
): void {
  useEffect(() => {
    const here = list.current?.querySelector(selector)
    if (!here || !('IntersectionObserver' in window)) return
    const watch = new IntersectionObserver(
      ([entry]) => {
        watch.disconnect()
        if (entry && entry.intersectionRatio < 1) here.scrollIntoView({ block: 'nearest', ...(inline && { inline }) })
      },
      { threshold: 1 },
    )
    watch.observe(here)
    return () => watch.disconnect()
  }, [list, selector, at, inline])
}
