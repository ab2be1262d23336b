import type { DrawnGuide, Ground, Shape, Stroke, Tone, Word } from './drawing.ts'

/** How wide each kind of line is drawn, on the field of 200 × 140. */
const WIDTH: Partial<Record<Tone, number>> = { now: 3, faint: 1.2, child: 2, belt: 4, good: 2.4, bad: 2.4 }
const round = (x: number): number => Math.round(x * 10) / 10
/** A corner of a drawing, x to the right and y downward. */
export type Spot = readonly [x: number, y: number]

/** A stroke of any path; other helpers come down to this one. */
export const stroke = (tone: Tone, d: string, more: Partial<Omit<Stroke, 'kind' | 'd' | 'tone'>> = {}): Stroke => ({
  kind: 'stroke',
  d,
  tone,
  width: WIDTH[tone] ?? 1.8,
  ...more,
})

const through = (spots: readonly Spot[]): string => spots.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${round(x)} ${round(y)}`).join('') // prettier-ignore

export const line = (tone: Tone, ...spots: readonly Spot[]): Stroke => stroke(tone, through(spots))
export const dashed = (tone: Tone, ...spots: readonly Spot[]): Stroke =>
  stroke(tone, through(spots), { isDashed: true })
/** A closed outline on a ground. */
export const area = (tone: Tone, ground: Ground, ...spots: readonly Spot[]): Stroke =>
  stroke(tone, `${through(spots)}Z`, { ground })
export const box = (tone: Tone, ground: Ground, x: number, y: number, width: number, height: number): Stroke =>
  area(tone, ground, [x, y], [x + width, y], [x + width, y + height], [x, y + height])

/** A circle; filled where a ground is named. */
export const ring = (tone: Tone, x: number, y: number, r: number, ground?: Ground): Stroke =>
  stroke(tone, `M${round(x - r)} ${round(y)}a${round(r)} ${round(r)} 0 1 0 ${round(2 * r)} 0a${round(r)} ${round(r)} 0 1 0 ${round(-2 * r)} 0Z`, ground ? { ground } : {}) // prettier-ignore

/** A line with its head where it goes. */
export function arrow(tone: Tone, from: Spot, to: Spot): readonly Shape[] {
  const angle = Math.atan2(to[1] - from[1], to[0] - from[0])
  const barb = (turn: number): Spot => [to[0] - 9 * Math.cos(angle + turn), to[1] - 9 * Math.sin(angle + turn)]
  return [line(tone, from, to), line(tone, barb(0.5), to, barb(-0.5))]
}
/** To and fro. */
export const bothWays = (tone: Tone, from: Spot, to: Spot): readonly Shape[] => [
  ...arrow(tone, from, to),
  ...arrow(tone, to, from),
]

export const word = (tone: Tone, x: number, y: number, text: string, anchor: Word['anchor'] = 'middle'): Word => ({
  kind: 'word',
  x: round(x),
  y: round(y),
  text,
  tone,
  anchor,
})

/** A guide of the belt: its number in a ring of its own colour. */
export const guideDot = ({ colour }: DrawnGuide, index: number, [x, y]: Spot): readonly Shape[] => [
  stroke(colour ?? 'now', ring('now', x, y, 8).d, { ground: 'sheet', width: 3 }),
  word('thing', x, y + 4, String(index + 1)),
]

/** A fingertip that comes from above, touching at the spot. */
export const finger = ([x, y]: Spot, tone: Tone = 'now'): Stroke =>
  stroke(tone, `M${x - 6} ${y - 34}V${y - 6}a6 6 0 0 0 12 0V${y - 34}`, { ground: 'sheet', width: 2.2 })

/** As it must be: a full disc with a tick. Not so: an empty one with a cross. Told by shape, not by colour alone. */
export const good = (x: number, y: number, r = 8): readonly Shape[] => [
  ring('good', x, y, r, 'good'),
  stroke('white', `M${x - r / 2} ${y}l${r / 3} ${r / 3}l${(r * 2) / 3} ${(-r * 2) / 3}`, { width: r / 4 }),
]
export const bad = (x: number, y: number, r = 8): readonly Shape[] => [
  ring('bad', x, y, r, 'sheet'),
  line('bad', [x - r / 2.4, y - r / 2.4], [x + r / 2.4, y + r / 2.4]),
  line('bad', [x + r / 2.4, y - r / 2.4], [x - r / 2.4, y + r / 2.4]),
]
