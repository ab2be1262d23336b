import { formatNumber } from '../quantities/index.ts'
import type { HeadRule, Route } from '../restraint/index.ts'
import type { CheckLimit } from '../verdict/index.ts'

/** "≤ 25 mm", "0–20 mm": a limit as short as it can stand in a drawing. */
function limit({ from, to, unit }: CheckLimit): string {
  if (from !== undefined && to !== undefined) return `${formatNumber(from)}–${formatNumber(to)} ${unit}`
  return from !== undefined ? `≥ ${formatNumber(from)} ${unit}` : `≤ ${formatNumber(to ?? 0)} ${unit}`
}

/** Words around the values that drawings show, in one language. */
export const FIGURES_EN = {
  limit,
  recline: ({ label }: { label: string }): string => `recline ${label}`,
  frontSeat: {
    'must-touch': 'the maker lets it rest against the seat in front',
    'must-not-touch': 'the maker wants a clear gap',
    either: 'touching or clear, never pressing hard',
  } satisfies Record<NonNullable<Route['frontSeat']>, string>,
  headRule: {
    'crown-inside': 'the crown inside the shell',
    'eyes-below-edge': 'the eyes below the edge',
    'ears-below-edge': 'the ears below the edge',
    'ears-below-vehicle-head-restraint': 'the ears below the top of the car’s head restraint',
  } satisfies Record<HeadRule, string>,
  states: ({ good, bad }: { good: readonly string[]; bad: readonly string[] }): string =>
    [
      ...(good.length > 0 ? [`Good: ${good.join(', or ')}.`] : []),
      ...(bad.length > 0 ? [`Not good: ${bad.join(', or ')}.`] : []),
    ].join(' '),
} as const
export type FigureTexts = typeof FIGURES_EN
