import { useLayoutEffect, useRef } from 'react'
import { NavigationType, useNavigationType } from 'react-router'

/** Another page is read from its top, however far down the link was; whoever goes back finds it where they left it. */
export function useTopOfPage(pathname: string): void {
  const isBack = useNavigationType() === NavigationType.Pop
  const shown = useRef(pathname)
  useLayoutEffect(() => {
    // A filter or a tab is another address of the same page.
    if (shown.current === pathname) return
    shown.current = pathname
    if (!isBack) window.scrollTo(0, 0)
  }, [pathname, isBack])
}
