/** How much of a date is written, and how long. */
const FORMS = {
  'full-day': { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' },
  'long-day': { day: 'numeric', month: 'long', year: 'numeric' },
  day: { day: 'numeric', month: 'short', year: 'numeric' },
  'long-day-of-year': { day: 'numeric', month: 'long' },
  'day-of-year': { day: 'numeric', month: 'short' },
  'long-month': { month: 'long', year: 'numeric' },
  month: { month: 'short', year: 'numeric' },
  'month-of-year': { month: 'short' },
  'day-and-time': { day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit' },
  'long-day-and-time': { day: 'numeric', month: 'long', year: 'numeric', hour: '2-digit', minute: '2-digit' },
  'second-of-year': { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit', second: '2-digit' },
  'time-of-year': { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' },
  time: { hour: '2-digit', minute: '2-digit' },
} as const satisfies Readonly<Record<string, Intl.DateTimeFormatOptions>>
export type DateForm = keyof typeof FORMS

/** Making a format takes longer than using it a hundred times. */
const made = new Map<string, Intl.DateTimeFormat>()
function formatOf(form: DateForm, locale: string | undefined, isDay: boolean): Intl.DateTimeFormat {
  const key = `${form} ${locale ?? ''} ${isDay ? 'day' : 'moment'}`
  const known = made.get(key) ?? new Intl.DateTimeFormat(locale, { ...FORMS[form], ...(isDay && { timeZone: 'UTC' }) })
  made.set(key, known)
  return known
}

/**
 * "25 May 2027" in the reader's order and words. A day of the calendar (`YYYY-MM-DD`) is that day wherever it is read;
 * a moment is told by the clock of the place where it is read.
 *
 * @param locale a language tag; left out, the reader's own
 * @throws RangeError when it is neither a day nor a moment, or the locale is none
 */
export function dateText(iso: string, form: DateForm = 'day', locale?: string): string {
  const isDay = /^\d{4}-\d{2}-\d{2}$/.test(iso)
  return formatOf(form, locale, isDay).format(new Date(isDay ? `${iso}T00:00:00Z` : iso))
}

/** What papers and stored sentences are written in where nobody says otherwise. */
const PAPER_LOCALE = 'en-GB'

/**
 * A day or a moment as a paper names its day: everywhere the same, whoever prints it.
 *
 * @param locale a language tag; one that is none is taken as not said
 */
export function paperDate(iso: string, form: DateForm = 'long-day', locale: string = PAPER_LOCALE): string {
  const day = iso.slice(0, 10)
  try {
    return dateText(day, form, locale)
  } catch (error) {
    if (!(error instanceof RangeError) || locale === PAPER_LOCALE) throw error
    return dateText(day, form, PAPER_LOCALE)
  }
}

/** A day within a sentence of a rule: stored and sent with it, so the same wherever it is read; what is no day stays as it is. */
export const dayInSentence = (iso: string): string =>
  /^\d{4}-\d{2}-\d{2}/.test(iso) && !Number.isNaN(Date.parse(iso.slice(0, 10))) ? paperDate(iso, 'day') : iso
