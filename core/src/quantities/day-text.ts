/** How a day is written: to the day, or to the month where no more is known. */
type DayForm = 'day' | 'month'
const FORMS: Readonly<Record<DayForm, Intl.DateTimeFormatOptions>> = {
  day: { day: 'numeric', month: 'long', year: 'numeric' },
  month: { month: 'long', year: 'numeric' },
}
/** What a paper is written in where nobody says otherwise. */
const PAPER_LOCALE = 'en-GB'

/** Making a format takes longer than using it a hundred times. */
const made = new Map<string, Intl.DateTimeFormat>()
function formatOf(form: DayForm, locale: string): Intl.DateTimeFormat {
  const key = `${form} ${locale}`
  const known = made.get(key) ?? new Intl.DateTimeFormat(locale, { ...FORMS[form], timeZone: 'UTC' })
  made.set(key, known)
  return known
}

/**
 * "25 May 2027" of a day or a moment, in the reader's order and words.
 *
 * @param locale a language tag; one that is none is taken as not said
 */
export function longDay(iso: string, form: DayForm = 'day', locale: string = PAPER_LOCALE): string {
  const at = new Date(`${iso.slice(0, 10)}T00:00:00Z`)
  try {
    return formatOf(form, locale).format(at)
  } catch (error) {
    if (!(error instanceof RangeError) || locale === PAPER_LOCALE) throw error
    return formatOf(form, PAPER_LOCALE).format(at)
  }
}
