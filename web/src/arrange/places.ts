import type { ArrangeVerdict, PlaceAnswer } from '@nimble-anchor/core/arrange'
import type { ClientRect, KeyboardCoordinateGetter } from '@dnd-kit/core'
import type { MarkState } from '../ui/StateMark.tsx'
import * as msg from './messages.en.ts'

export const VERDICT_WORD: Record<ArrangeVerdict, string> = {
  fits: msg.fits,
  'fits-if-measured': msg.fitsIfMeasured,
  'does-not-fit': msg.doesNotFit,
  'not-known': msg.notWorkedOut,
}
export const VERDICT_STATE: Record<ArrangeVerdict, MarkState> = {
  fits: 'pass',
  'fits-if-measured': 'undecided',
  'does-not-fit': 'fail',
  'not-known': 'not-started',
}
/** What a place says to whoever is carried over it. */
export const PLACE_WORD: Record<PlaceAnswer['verdict'], string> = {
  fits: 'yes',
  'fits-if-measured': 'perhaps',
  'does-not-fit': 'no',
  'not-known': msg.notWorkedOut2,
}

const centre = (r: ClientRect) => ({ x: r.left + r.width / 2, y: r.top + r.height / 2 })

/** Arrow keys carry from place to place: to the nearest in that direction. */
export const toNextPlace: KeyboardCoordinateGetter = (event, { currentCoordinates, context }) => {
  const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.code]
  const held = context.collisionRect
  if (step === undefined || held === null) return undefined
  event.preventDefault()
  const [dx, dy] = step as [number, number]
  const from = centre(held)
  let nearest: { readonly x: number; readonly y: number; readonly far: number } | undefined
  for (const container of context.droppableContainers.getEnabled()) {
    const rect = context.droppableRects.get(container.id)
    if (!rect) continue
    const to = centre(rect)
    const along = (to.x - from.x) * dx + (to.y - from.y) * dy
    const aside = Math.abs((to.x - from.x) * dy) + Math.abs((to.y - from.y) * dx)
    // Further aside than along, it lies in another direction.
    if (along < 8 || aside > along * 2.5) continue
    const far = along + aside * 2
    if (nearest === undefined || far < nearest.far) nearest = { ...to, far }
  }
  if (nearest === undefined) return undefined
  return {
    x: currentCoordinates.x + nearest.x - from.x,
    y: currentCoordinates.y + nearest.y - from.y,
  }
}
