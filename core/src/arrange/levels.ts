/**
 * What is best, level by level: a level decides only where all before it are
 * equal. Every level is a sum over the riders, and less is better, but for the
 * side margin, which is the least of all rows, and more is better.
 */
export const LEVELS = [
  'facts',
  'advice',
  'rearwardMonthsLost',
  'harnessMonthsLost',
  'notOwned',
  'wishesBroken',
  'youngest',
  'marginMm',
  'steps',
  'endsSoon',
] as const
export type Level = (typeof LEVELS)[number]
export type Levels = Readonly<Record<Level, number>>
/** As it is told: no margin where nothing stands side by side, or where nobody has measured where. */
export type ToldLevels = Omit<Levels, 'marginMm'> & { readonly marginMm?: number }
export const toldLevels = ({ marginMm, ...levels }: Levels): ToldLevels =>
  Number.isFinite(marginMm) ? { ...levels, marginMm } : levels

/** Levels before the margin with the most that each can come to, plus one; the first is not bounded. */
const BEFORE = [
  ['advice', 8],
  ['rearwardMonthsLost', 1024],
  ['harnessMonthsLost', 1024],
  ['notOwned', 8],
  ['wishesBroken', 128],
  ['youngest', 2],
] as const satisfies readonly (readonly [Level, number])[]
const ENDS_SOON_MOST = 8
/** Steps of six procedures, packed with the level after them. */
const AFTER_MOST = 4096

/** One number that orders as the levels before the margin do; numbers of several riders add up. */
export const packBefore = (l: Readonly<Record<'facts' | (typeof BEFORE)[number][0], number>>): number =>
  BEFORE.reduce((sum, [level, most]) => sum * most + l[level], l.facts)
/** What one more fact adds to it. */
export const FACT = BEFORE.reduce((product, [, most]) => product * most, 1)

export const packAfter = (l: { readonly steps: number; readonly endsSoon: number }): number =>
  l.steps * ENDS_SOON_MOST + l.endsSoon

/** One number that orders as the levels before the margin do, and where those are equal as the levels after it. */
export const packBoth = (before: number, after: number): number => before * AFTER_MOST + after
export const beforeOf = (both: number): number => Math.floor(both / AFTER_MOST)
export const afterOf = (both: number): number => both % AFTER_MOST

/** The levels again. */
export function unpack(before: number, marginMm: number, after: number): Levels {
  const found: Record<string, number> = {}
  let rest = before
  for (const [level, most] of BEFORE.toReversed()) {
    found[level] = rest % most
    rest = Math.floor(rest / most)
  }
  found.facts = rest
  found.marginMm = marginMm
  found.steps = Math.floor(after / ENDS_SOON_MOST)
  found.endsSoon = after % ENDS_SOON_MOST
  return found as Record<Level, number>
}

/** Margins nearer than this are equal, mm. */
export const MARGIN_EQUAL_MM = 1e-6

/** Negative where `a` is better; level by level. */
export function compareLevels(a: Levels, b: Levels): number {
  for (const level of LEVELS) {
    const difference = level === 'marginMm' ? compareMargins(a.marginMm, b.marginMm) : a[level] - b[level]
    if (difference !== 0) return difference
  }
  return 0
}
/** Negative where the first is larger, which is better. */
export const compareMargins = (a: number, b: number): number =>
  a === b || Math.abs(a - b) <= MARGIN_EQUAL_MM ? 0 : b - a

/** The level that tells two apart; `undefined` where they tie. */
export const tellsApart = (a: Levels, b: Levels): Level | undefined =>
  LEVELS.find((level) => (level === 'marginMm' ? compareMargins(a.marginMm, b.marginMm) !== 0 : a[level] !== b[level]))
