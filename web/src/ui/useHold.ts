import { useRef, type PointerEvent } from 'react'

interface Hold<T> {
  /** The pointer moves while something is held. */
  readonly onMove?: (held: T, e: PointerEvent) => void
  /** It is let go. */
  readonly onDrop?: (held: T, e: PointerEvent) => void
  /** The pointer is taken away, by a scroll or a call: nobody let go of anything. */
  readonly onCancel?: (held: T, e: PointerEvent) => void
}

/**
 * What a pointer holds from pressing to letting go: the one way in which drawings
 * are dragged and pages swiped. Carrying a figure onto a place is the drag-and-drop
 * package's, two fingers are the gesture package's.
 */
export function useHold<T>({ onMove, onDrop, onCancel }: Hold<T>) {
  const held = useRef<{ readonly what: T; readonly pointerId: number } | null>(null)
  const of = (e: PointerEvent): T | undefined => {
    const now = held.current
    return now !== null && now.pointerId === e.pointerId ? now.what : undefined
  }
  const letGo = (): void => {
    held.current = null
  }
  return {
    /** @param by what then hears of the pointer wherever it goes; `null`: only what it is over. */
    hold(what: T, e: PointerEvent, by: Element | null = e.currentTarget): void {
      held.current = { what, pointerId: e.pointerId }
      by?.setPointerCapture(e.pointerId)
    },
    letGo,
    handlers: {
      onPointerMove(e: PointerEvent): void {
        const what = of(e)
        if (what !== undefined) onMove?.(what, e)
      },
      onPointerUp(e: PointerEvent): void {
        const what = of(e)
        if (what === undefined) return
        letGo()
        onDrop?.(what, e)
      },
      onPointerCancel(e: PointerEvent): void {
        const what = of(e)
        if (what === undefined) return
        letGo()
        onCancel?.(what, e)
      },
    },
  }
}
