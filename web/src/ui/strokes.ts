import { SIGNATURE_FIELD } from '@nimble-anchor/core/casefile'

/** What a drawn line is kept as: SVG path data on the field of the document, whatever it was drawn on. */
interface Line {
  readonly points: readonly { readonly x: number; readonly y: number }[]
}
interface Size {
  readonly width: number
  readonly height: number
}

const { width: W, height: H } = SIGNATURE_FIELD
/** A point nearer than this to the last adds nothing that an eye could see. */
const NEAREST = 2
/** As many signs as a document keeps, less one point. */
const MOST = 11_980

const clamp = (v: number, most: number): number => Math.round(Math.min(Math.max(v, 0), most))

/** The lines drawn on a pad of this size, in px, as a document keeps them. */
export function strokesOf(lines: readonly Line[], { width, height }: Size): string {
  let strokes = ''
  for (const { points } of lines) {
    let last: { readonly x: number; readonly y: number } | undefined
    for (const p of points) {
      const at = { x: clamp((p.x / Math.max(1, width)) * W, W), y: clamp((p.y / Math.max(1, height)) * H, H) }
      if (last && Math.hypot(at.x - last.x, at.y - last.y) < NEAREST) continue
      if (strokes.length >= MOST) return strokes
      // A line of one point is a dot, and drawn as one.
      strokes += last ? `L${at.x} ${at.y}` : `M${at.x} ${at.y}L${at.x} ${at.y}`
      last = at
    }
  }
  return strokes
}

/** The same back, for a pad of this size. */
export const linesOf = (strokes: string, { width, height }: Size): readonly Line[] =>
  strokes
    .split('M')
    .filter(Boolean)
    .map((line) => ({
      points: line.split('L').map((point) => {
        const [x = 0, y = 0] = point.split(' ').map(Number)
        return { x: (x / W) * width, y: (y / H) * height }
      }),
    }))
