import type { PointerEvent } from 'react'
import { useHold } from './useHold.ts'

/** A finger that goes this far sideways, in px, has turned the page. */
const SWIPE_PX = 70

/** Turns by a finger's swipe: left is on, right is back. A short or slanting one turns nothing, nor does a mouse. */
export function useSwipe(onTurn: (by: 1 | -1) => void) {
  const { hold, letGo, handlers } = useHold<{ readonly x: number; readonly y: number }>({
    onDrop: (from, e) => {
      const dx = e.clientX - from.x
      if (Math.abs(dx) > SWIPE_PX && Math.abs(dx) > 2 * Math.abs(e.clientY - from.y)) onTurn(dx < 0 ? 1 : -1)
    },
  })
  return {
    onPointerDown: (e: PointerEvent): void => {
      // Not captured: what is under the finger may be pressed.
      if (e.pointerType === 'touch') hold({ x: e.clientX, y: e.clientY }, e, null)
      else letGo()
    },
    onPointerUp: handlers.onPointerUp,
  }
}
