/**
 * A line drawing as plain data: shapes on a field of 200 × 140, y downward, and
 * the same in words. No DOM: the web renders the shapes, the server writes them
 * into the PDF.
 */
export interface Drawing {
  readonly shapes: readonly Shape[]
  /** Text alternative, with this fitting's own sides, colours and figures. */
  readonly says: string
}

export const DRAWING_WIDTH = 200
export const DRAWING_HEIGHT = 140

/**
 * What a line is: what the hand does or the eye looks at now, a thing, what is
 * already done or merely around it, the child, a belt or strap, and the two
 * states of an indicator. Colours of guides are the maker's own.
 */
export type Tone = 'now' | 'thing' | 'faint' | 'child' | 'belt' | 'good' | 'bad' | GuideColour
export const GUIDE_COLOURS = ['blue', 'red', 'green', 'yellow', 'orange', 'white', 'grey', 'black'] as const
type GuideColour = (typeof GUIDE_COLOURS)[number]
/** One guide of the belt in the order it meets them: its words, and its colour where its mark names one. */
export interface DrawnGuide {
  readonly text: string
  readonly colour?: GuideColour | undefined
}
/** Grounds that a shape may be filled with. */
export type Ground = 'sheet' | 'shoal' | 'buff' | Tone

export interface Stroke {
  readonly kind: 'stroke'
  readonly d: string
  readonly tone: Tone
  readonly width: number
  readonly isDashed?: boolean
  readonly ground?: Ground
}
export interface Word {
  readonly kind: 'word'
  readonly x: number
  readonly y: number
  readonly text: string
  readonly tone: Tone
  readonly anchor: 'start' | 'middle' | 'end'
}
export type Shape = Stroke | Word

/** The words that stand inside drawings. */
export interface DrawnWords {
  readonly left: string
  readonly right: string
  readonly first: string
  readonly door: string
  readonly on: string
  readonly off: string
}
