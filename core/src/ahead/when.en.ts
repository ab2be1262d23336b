import type { AheadItem } from './road-ahead.ts'

/** How a date is written where this is read: to the day, or to the month where no more is known. */
type SayDate = (iso: string, form: 'day' | 'month') => string

/** "about May 2027 (from Feb 2027 to Nov 2027)": when something is due, and how far that is known. */
export function whenText({ early, likely, late, isFixed }: AheadItem, say: SayDate): string {
  if (isFixed) return say(likely, 'day')
  const until = late === undefined ? ', or much later' : ` to ${say(late, 'month')}`
  return `about ${say(likely, 'month')} (from ${say(early, 'month')}${until})`
}
