import type { Direction } from './restraint.ts'

/** A direction in one word, beside others of its kind. */
export const DIRECTION_WORD: Readonly<Record<Direction, string>> = {
  rearward: 'rearward',
  forward: 'forward',
  lateral: 'lying across',
}

/** The same as an adjective, inside a sentence. */
export const DIRECTION_FACING: Readonly<Record<Direction, string>> = {
  rearward: 'rearward-facing',
  forward: 'forward-facing',
  lateral: 'lying across the car',
}
