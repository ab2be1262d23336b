/**
 * The one way a fitting changes: put a value at a path, or take it away.
 * What may be put is a table; everything else is refused.
 */
export interface Put {
  readonly path: readonly string[]
  /** `null` takes the value away. */
  readonly value: unknown
}
/** A put that has happened, with what stood there before: the unit of the history. */
export interface Changed {
  readonly path: readonly string[]
  readonly from: unknown
  readonly to: unknown
}
