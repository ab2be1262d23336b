import { useRef, type PointerEvent } from 'react'

/** A finger that goes this far sideways, in px, has turned the page. */
const SWIPE_PX = 70

/** Turns by a finger's swipe: left is on, right is back. A short or slanting one turns nothing, nor does a mouse. */
export function useSwipe(onTurn: (by: 1 | -1) => void) {
  const touch = useRef<{ readonly x: number; readonly y: number } | null>(null)
  return {
    onPointerDown: (e: PointerEvent): void => {
      touch.current = e.pointerType === 'touch' ? { x: e.clientX, y: e.clientY } : null
    },
    onPointerUp: (e: PointerEvent): void => {
      const from = touch.current
      touch.current = null
      if (!from) return
      const dx = e.clientX - from.x
      if (Math.abs(dx) > SWIPE_PX && Math.abs(dx) > 2 * Math.abs(e.clientY - from.y)) onTurn(dx < 0 ? 1 : -1)
    },
  }
}
