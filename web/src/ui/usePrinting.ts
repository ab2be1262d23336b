import { useEffect, useState } from 'react'
import { flushSync } from 'react-dom'

/** Whether the page is being put on paper: known in time for what is made for it alone. */
export function usePrinting(): boolean {
  const [isPrinting, setPrinting] = useState(() => window.matchMedia('print').matches)
  useEffect(() => {
    const paper = window.matchMedia('print')
    // At once: the browser draws the sheet as soon as its listeners have returned.
    const set = (is: boolean): void => flushSync(() => setPrinting(is))
    const before = (): void => set(true)
    const after = (): void => set(false)
    const changed = (): void => set(paper.matches)
    window.addEventListener('beforeprint', before)
    window.addEventListener('afterprint', after)
    paper.addEventListener('change', changed)
    return () => {
      window.removeEventListener('beforeprint', before)
      window.removeEventListener('afterprint', after)
      paper.removeEventListener('change', changed)
    }
  }, [])
  return isPrinting
}
