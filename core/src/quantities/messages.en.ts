/** What this folder says, in English. */

// quantity
export const mustBeANumberOf = (unit: string, min: number, max: number) =>
  `must be a number of ${unit} between ${min} and ${max}`
export const mustBeAtLeast = (min: number, unit: string) => `must be at least ${min} ${unit}`
export const mustBeAtMost = (max: number, unit: string) => `must be at most ${max} ${unit}`
export const mustBeAtLeast0 = (unit: string) => `must be at least 0 ${unit}`
export const needsEitherValueOrBoth = 'needs either "value" or both "from" and "to"'
export const mustNotBeAboveTo = 'must not be above "to"'
export const goesWithValueOnly = 'goes with "value" only'
export const fromTo = (unit: string, min: number, max: number) => `${unit}, from ${min} to ${max}`

// text
export const upTo = (formatNumber: string, unit: string) => `up to ${formatNumber} ${unit}`
export const noLimitIn = (unit: string) => `no limit in ${unit}`
export const from = (least: string, unit: string) => `from ${least} ${unit}`
export const weeks = (count: number) => (count === 1 ? `${count} week` : `${count} weeks`)
export const months = (count: number) => (count === 1 ? `${count} month` : `${count} months`)
export const years = (count: number) => (count === 1 ? `${count} year` : `${count} years`)
export const yearsAndMonths = (y: number, m: number) => `${years(y)} ${months(m)}`
/** Units that are words, of one and of many; symbols (kg, mm) stay as they are. */
export const ONE_OF: Readonly<Record<string, string>> = { days: 'day', weeks: 'week', months: 'month', years: 'year' }
export const MANY_OF: Readonly<Record<string, string>> = {
  days: 'days',
  weeks: 'weeks',
  months: 'months',
  years: 'years',
}
