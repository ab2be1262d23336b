import type { Point, Section } from '@nimble-anchor/core/bench'

/** What of the section is in view, in mm; y runs down on the screen. */
export interface View {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

export function wholeView({ bounds }: Pick<Section, 'bounds'>): View {
  return {
    x: bounds.minX,
    y: -bounds.maxY,
    width: bounds.maxX - bounds.minX,
    height: bounds.maxY - bounds.minY,
  }
}

export const MAX_ZOOM = 5

/** The whole view brought nearer about a point of it; never out of its frame. */
export function zoomed(whole: View, zoom: number, centre: Point): View {
  const width = whole.width / zoom
  const height = whole.height / zoom
  const clamp = (x: number, low: number, high: number): number => Math.min(Math.max(x, low), high)
  return {
    x: clamp(centre.x - width / 2, whole.x, whole.x + whole.width - width),
    y: clamp(centre.y - height / 2, whole.y, whole.y + whole.height - height),
    width,
    height,
  }
}

/** The stop whose handle would stand nearest to a point of the section. */
export function nearestStop<T extends { readonly at: Point }>(stops: readonly T[], to: Point): T | undefined {
  return stops.reduce<T | undefined>((best, stop) => {
    const d = Math.hypot(stop.at.x - to.x, stop.at.y - to.y)
    return best === undefined || d < Math.hypot(best.at.x - to.x, best.at.y - to.y) ? stop : best
  }, undefined)
}

export const pathOf = (points: readonly Point[], isClosed = true): string =>
  `${points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x.toFixed(1)} ${(-p.y).toFixed(1)}`).join('')}${isClosed ? 'Z' : ''}`

/** An arc about a point between two leans from vertical, on the side of `sign` (+ is towards the front of the car). */
export function arcOf(centre: Point, radius: number, fromDeg: number, toDeg: number, sign: 1 | -1): string {
  const at = (deg: number): Point => {
    const rad = (deg * Math.PI) / 180
    return { x: centre.x + sign * radius * Math.sin(rad), y: centre.y + radius * Math.cos(rad) }
  }
  const a = at(fromDeg)
  const b = at(toDeg)
  const sweep = sign * (toDeg - fromDeg) > 0 ? 1 : 0
  return `M${a.x.toFixed(1)} ${(-a.y).toFixed(1)}A${radius} ${radius} 0 0 ${sweep} ${b.x.toFixed(1)} ${(-b.y).toFixed(1)}`
}

export const along = (p: Point, direction: Point, mm: number): Point => ({
  x: p.x + direction.x * mm,
  y: p.y + direction.y * mm,
})
export const between = (a: Point = { x: 0, y: 0 }, b: Point = a): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 })
/** A point moved towards the child, square to the shell's back. */
export const offset = (s: Section, p: Point, mm: number): Point => ({
  x: p.x + s.toChild.x * mm,
  y: p.y + s.toChild.y * mm,
})
