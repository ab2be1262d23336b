import { middle, toInterval } from '../quantities/index.ts'
import type { SeatingPosition, Vehicle } from './vehicle.ts'

/**
 * The car from above, to scale: x runs to the right from the car's middle, y
 * to the rear from the backrests of the last row, both in mm. A seat stands
 * where the distance measured from the place behind it puts it.
 */
export interface SeatOnPlan {
  readonly position: SeatingPosition
  readonly x: number
  /** Front face of the backrest; the cushion lies before it. */
  readonly backY: number
  readonly widthMm: number
  readonly depthMm: number
  /** Floor between the cushion and what stands before it. */
  readonly footY: readonly [from: number, to: number]
  /** The place behind says where this seat stands; otherwise it is drawn at a usual distance. */
  readonly isMeasured: boolean
}

interface CarOnPlan {
  readonly seats: readonly SeatOnPlan[]
  readonly halfWidthMm: number
  readonly frontY: number
  readonly dashY: number
  readonly rearY: number
}

/** Sizes of what no record states: they serve the drawing, never a judgement. */
export const USUAL_PLAN = {
  widthMm: 450,
  depthMm: 480,
  distanceMm: 720,
  backThicknessMm: 110,
  legRoomMm: 480,
  bonnetMm: 900,
  bootMm: 620,
  sideMm: 170,
  lateralMm: { left: -460, centre: 0, right: 460 },
} as const

const depthOf = (p: SeatingPosition): number => {
  const depth = toInterval(p.cushion?.depthMm)
  return depth === undefined ? USUAL_PLAN.depthMm : middle(depth)
}

/** D of one place: as it is set, or at the tallest user's setting. */
function distanceOf(p: SeatingPosition, asSet: ReadonlyMap<string, number>): number | undefined {
  const set = asSet.get(p.id)
  if (set !== undefined) return set
  const measured = toInterval(p.frontClearanceMm)
  return measured === undefined ? undefined : middle(measured)
}

const mean = (xs: readonly number[]): number => xs.reduce((sum, x) => sum + x, 0) / xs.length

/**
 * Where each seat stands. `asSet` gives, by place, the distance to the seat in
 * front of it as that seat stands now.
 */
export function planOf(vehicle: Pick<Vehicle, 'positions'>, asSet: ReadonlyMap<string, number> = new Map()): CarOnPlan {
  const { positions } = vehicle
  const rows = [...new Set(positions.map((p) => p.row))].toSorted((a, b) => b - a)
  const backs = new Map<string, { readonly backY: number; readonly isMeasured: boolean }>()
  for (const [i, row] of rows.entries()) {
    const here = positions.filter((p) => p.row === row)
    const behind = i === 0 ? [] : positions.filter((p) => p.row === rows[i - 1])
    if (behind.length === 0) {
      for (const p of here) backs.set(p.id, { backY: 0, isMeasured: i === 0 })
      continue
    }
    // Rear face of this row's backrests, seen from each place behind.
    const faces = behind.flatMap((p) => {
      const d = distanceOf(p, asSet)
      return d === undefined ? [] : [{ p, y: (backs.get(p.id)?.backY ?? 0) - d }]
    })
    const usual =
      faces.length > 0
        ? mean(faces.map((f) => f.y))
        : mean(behind.map((p) => backs.get(p.id)?.backY ?? 0)) - USUAL_PLAN.distanceMm
    for (const p of here) {
      const own = faces.filter((f) => f.p.side === p.side)
      const face = own.length > 0 ? mean(own.map((f) => f.y)) : usual
      backs.set(p.id, { backY: face - USUAL_PLAN.backThicknessMm, isMeasured: own.length > 0 })
    }
  }
  const seats = positions.map((position): SeatOnPlan => {
    const { backY, isMeasured } = backs.get(position.id) ?? { backY: 0, isMeasured: false }
    const depthMm = depthOf(position)
    const front = backY - depthMm
    const before = distanceOf(position, asSet)
    const until = before === undefined ? front - USUAL_PLAN.legRoomMm * 0.6 : Math.min(backY - before, front - 60)
    return {
      position,
      x: position.lateralCentreMm ?? USUAL_PLAN.lateralMm[position.side],
      backY,
      widthMm: position.widthMm ?? USUAL_PLAN.widthMm,
      depthMm,
      footY: [until, front],
      isMeasured,
    }
  })
  const dashY = Math.min(...seats.map((s) => s.backY - s.depthMm)) - USUAL_PLAN.legRoomMm
  return {
    seats,
    halfWidthMm: Math.max(...seats.map((s) => Math.abs(s.x) + s.widthMm / 2)) + USUAL_PLAN.sideMm,
    dashY,
    frontY: dashY - USUAL_PLAN.bonnetMm,
    rearY: Math.max(...seats.map((s) => s.backY)) + USUAL_PLAN.bootMm,
  }
}
