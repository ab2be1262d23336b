/** Days as the reader writes them: in the order and with the marks of the browser's language. */
import * as msg from './messages.en.ts'

type Part = 'day' | 'month' | 'year'

/** By locale: a form of dates asks for them with every stroke, and making a format takes longer than the stroke. */
const known = new Map<string | undefined, readonly Intl.DateTimeFormatPart[]>()
function parts(locale?: string): readonly Intl.DateTimeFormatPart[] {
  const already = known.get(locale)
  if (already) return already
  const made = new Intl.DateTimeFormat(locale, { day: '2-digit', month: '2-digit', year: 'numeric', timeZone: 'UTC', calendar: 'gregory', numberingSystem: 'latn' }).formatToParts(new Date(Date.UTC(2026, 11, 31))) // prettier-ignore
  known.set(locale, made)
  return made
}

const orderOf = (locale?: string): readonly Part[] =>
  parts(locale).flatMap((p) => (p.type === 'day' || p.type === 'month' || p.type === 'year' ? [p.type] : []))

/** "31/12/2026" of "2026-12-31", in the reader's order; what is no day stays as it is. */
export function dayText(iso: string, locale?: string): string {
  const [year, month, day] = iso.split('-')
  if (year === undefined || month === undefined || day === undefined) return iso
  const value: Record<string, string> = { year, month, day }
  return parts(locale).map((p) => value[p.type] ?? p.value).join('') // prettier-ignore
}

/** How a day is typed, to show in an empty field: "dd/mm/yyyy". */
export const dayPattern = (locale?: string): string =>
  parts(locale)
    .map((p) => msg.DATE_PART[p.type as Part] ?? p.value)
    .join('')

/**
 * The day somebody typed, as YYYY-MM-DD: in the reader's order, or year first.
 * `undefined` where it is none: a year needs its four digits, since two are not told apart.
 */
export function parseDay(text: string, locale?: string): string | undefined {
  const figures = text.trim().split(/[^0-9]+/).filter(Boolean) // prettier-ignore
  if (figures.length !== 3) return undefined
  const order: readonly Part[] = figures[0]?.length === 4 ? ['year', 'month', 'day'] : orderOf(locale)
  const [year, month, day] = (['year', 'month', 'day'] as const).map((part) => figures[order.indexOf(part)] ?? '')
  if (year?.length !== 4) return undefined
  const iso = `${year}-${month?.padStart(2, '0')}-${day?.padStart(2, '0')}`
  const at = new Date(`${iso}T00:00:00Z`)
  return Number.isNaN(at.getTime()) || at.toISOString().slice(0, 10) !== iso ? undefined : iso
}

/** "09:30" of "9.30", "930", "9" or "9:30 am"; `undefined` where it is no time of the day. */
export function parseTime(text: string): string | undefined {
  const typed = /^(\d{1,2})(?:[^0-9]?(\d{2}))?\s*(?:([ap])\.?m\.?)?$/i.exec(text.trim())
  if (!typed) return undefined
  const [told, minutes, half] = [Number(typed[1]), Number(typed[2] ?? '0'), typed[3]?.toLowerCase()]
  // By a clock of twelve hours the hour after 12 is 1, and there is no 0 and no 13.
  if (half !== undefined && (told < 1 || told > 12)) return undefined
  const hours = half === undefined ? told : (told % 12) + (half === 'p' ? 12 : 0)
  return hours > 23 || minutes > 59
    ? undefined
    : `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`
}
