import type { planOf } from '@nimble-anchor/core/vehicle'
import type { CSSProperties } from 'react'

type Plan = ReturnType<typeof planOf>

/** How much of the car's front and rear the drawing leaves out, in mm. */
const BONNET_CUT_MM = 560
const MARGIN_MM = 110

/** The field that a car from above is drawn on. */
export function fieldOf(plan: Plan) {
  const half = plan.halfWidthMm
  const top = plan.frontY + BONNET_CUT_MM
  return { top, half, x: -half - MARGIN_MM, y: top - 60, width: 2 * (half + MARGIN_MM), height: plan.rearY - top + 120 }
}

/** Where on the field the middle of some places is. */
export function spotOn(plan: Plan, positionIds: readonly string[]): CSSProperties {
  const field = fieldOf(plan)
  const seats = plan.seats.filter((s) => positionIds.includes(s.position.id))
  const x = seats.reduce((sum, s) => sum + s.x, 0) / seats.length
  const y = seats.reduce((sum, s) => sum + s.backY - s.depthMm / 2, 0) / seats.length
  return { left: `${((x - field.x) / field.width) * 100}%`, top: `${((y - field.y) / field.height) * 100}%` }
}
