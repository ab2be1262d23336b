/**
 * A row of restraints as a small system of difference constraints, solved
 * exactly: each stands within its play about the middle of its place, and any
 * two keep their distance. All lengths are mm, left to right.
 */
export interface RowItem {
  /** Middle of the place. */
  readonly centreMm: number
  /** How far it may stand off that middle to either side. */
  readonly playMm: number
  /** Bounds of its middle by door trim. */
  readonly fromMm?: number | undefined
  readonly toMm?: number | undefined
}

/** Distance that items `i` and `j` (`i` further left) must keep. */
export type Apart = (i: number, j: number) => number

const EPSILON = 1e-7

const leftmost = (item: RowItem): number => Math.max(item.centreMm - item.playMm, item.fromMm ?? -Infinity)
const rightmost = (item: RowItem): number => Math.min(item.centreMm + item.playMm, item.toMm ?? Infinity)

/** Where each may stand while the others may still be moved; `undefined` where they do not all fit. */
export function rangesInRow(
  items: readonly RowItem[],
  apart: Apart,
): readonly { readonly fromMm: number; readonly toMm: number }[] | undefined {
  const from = items.map(leftmost)
  const to = items.map(rightmost)
  for (let j = 0; j < items.length; j += 1)
    for (let i = 0; i < j; i += 1) from[j] = Math.max(from[j] as number, (from[i] as number) + apart(i, j))
  for (let i = items.length - 1; i >= 0; i -= 1)
    for (let j = i + 1; j < items.length; j += 1) to[i] = Math.min(to[i] as number, (to[j] as number) - apart(i, j))
  const ranges = items.map((_, i) => ({ fromMm: from[i] as number, toMm: to[i] as number }))
  return ranges.every((r) => r.fromMm <= r.toMm + EPSILON) ? ranges : undefined
}

/**
 * The largest room that every two neighbours can have beyond what they need, at
 * the best shifts: the least, over every chain through the row, of the slack
 * between its two ends shared by its gaps. Negative where they do not fit;
 * `Infinity` for fewer than two.
 */
export function marginInRow(items: readonly RowItem[], apart: Apart): number {
  let margin = Infinity
  /** Longest chain that ends at an item with so many gaps: where its first stands leftmost, plus what was needed. */
  const longest = items.map((item) => [leftmost(item)])
  for (let j = 1; j < items.length; j += 1) {
    const right = rightmost(items[j] as RowItem)
    const here = longest[j] as number[]
    for (let i = 0; i < j; i += 1) {
      ;(longest[i] as number[]).forEach((start, gaps) => {
        const reached = start + apart(i, j)
        here[gaps + 1] = Math.max(here[gaps + 1] ?? -Infinity, reached)
        margin = Math.min(margin, (right - reached) / (gaps + 1))
      })
    }
  }
  return margin
}

/** The least shift off the middle, the same bound for all, at which they fit; where each then stands. */
export function leastShift(items: readonly RowItem[], apart: Apart): readonly number[] | undefined {
  const within = (mm: number): RowItem[] => items.map((item) => ({ ...item, playMm: Math.min(item.playMm, mm) }))
  if (rangesInRow(items, apart) === undefined) return undefined
  let short = 0
  let long = Math.max(0, ...items.map((item) => item.playMm))
  if (rangesInRow(within(0), apart) !== undefined) long = 0
  // To a hundredth of a millimetre: finer than anybody sets a restraint.
  while (long - short > 0.01) {
    const middle = (short + long) / 2
    if (rangesInRow(within(middle), apart) === undefined) short = middle
    else long = middle
  }
  // Left to right, each as near to its own middle as what stands left of it and is still to come allows.
  const held = within(long)
  const ranges = rangesInRow(held, apart)
  if (ranges === undefined) return undefined
  const at: number[] = []
  held.forEach((item, j) => {
    const range = ranges[j] as { readonly fromMm: number; readonly toMm: number }
    let from = range.fromMm
    for (let i = 0; i < j; i += 1) from = Math.max(from, (at[i] as number) + apart(i, j))
    at.push(Math.min(Math.max(item.centreMm, from), Math.max(range.toMm, from)))
  })
  return at
}
