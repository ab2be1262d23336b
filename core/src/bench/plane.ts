import { middle, type Interval } from '../quantities/index.ts'

export interface Point {
  readonly x: number
  readonly y: number
}

/** Sizes of what no record states, in mm and degrees: they serve the drawing, never a judgement. */
export const USUAL = {
  backrestDeg: 22,
  backrestLength: 600,
  cushionDepth: 480,
  cushionThickness: 130,
  backThickness: 100,
  floorBelow: 330,
  shellLength: 620,
  footFromBackrest: 240,
  footForward: 120,
  shellThickness: 45,
  frontSeatStepMm: 10,
  slideStepMm: 5,
  seatHeight: { 'infant-shell': 130, 'lie-flat': 120, seat: 130, 'booster-seat': 100, 'booster-cushion': 110 },
} as const

export const radians = (deg: number): number => (deg * Math.PI) / 180
export const point = (x: number, y: number): Point => ({ x, y })
export const along = (from: Point, direction: Point, mm: number): Point =>
  point(from.x + direction.x * mm, from.y + direction.y * mm)
export const from = (origin: Point, up: Point, side: Point, u: number, s: number): Point =>
  along(along(origin, up, u), side, s)

/** Direction of a line that leans `deg` from vertical, towards the front of the car when positive. */
export const leaning = (deg: number): Point => point(Math.sin(radians(deg)), Math.cos(radians(deg)))

export const mid = (x: Interval | undefined): number | undefined => (x === undefined ? undefined : middle(x))
