import { type IsoDate } from '../ground/index.ts'
import { exactly, type Interval } from './interval.ts'

/** Days of an average month, as the growth tables count them. */
export const DAYS_PER_MONTH = 30.4375

interface Ymd {
  readonly y: number
  readonly m: number
  readonly d: number
}

const known = new Map<IsoDate, Ymd>()
/** A shelf asks about the same few days again and again; more than this many are not remembered. */
const REMEMBERED_DAYS = 4000

function split(date: IsoDate): Ymd {
  const before = known.get(date)
  if (before) return before
  const parts = parseDay(date)
  if (known.size < REMEMBERED_DAYS) known.set(date, parts)
  return parts
}

function parseDay(date: IsoDate): Ymd {
  const [y, m, d] = date.split('-').map(Number)
  if (!y || !m || !d) throw new RangeError(`Expected a day as YYYY-MM-DD, got "${date}"`)
  return { y, m, d }
}

const isLeapYear = (y: number): boolean => (y % 4 === 0 && y % 100 !== 0) || y % 400 === 0
const daysInMonth = (y: number, m: number): number =>
  m === 2 ? (isLeapYear(y) ? 29 : 28) : m === 4 || m === 6 || m === 9 || m === 11 ? 30 : 31
const dayNumber = ({ y, m, d }: Ymd): number => Date.UTC(y, m - 1, d) / 86_400_000

/** Whole days from `from` to `to`; negative when `to` is earlier. */
export const daysBetween = (from: IsoDate, to: IsoDate): number => dayNumber(split(to)) - dayNumber(split(from))

/** The day `days` later; earlier when negative. */
export const addDays = (date: IsoDate, days: number): IsoDate =>
  new Date((dayNumber(split(date)) + days) * 86_400_000).toISOString().slice(0, 10) as IsoDate

/** The same day of the month `months` later; the last day of a month that is too short. */
export function addMonths(date: IsoDate, months: number): IsoDate {
  const { y, m, d } = split(date)
  const index = y * 12 + (m - 1) + months
  const year = Math.floor(index / 12)
  const month = (index % 12) + 1
  const day = Math.min(d, daysInMonth(year, month))
  return `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}` as IsoDate
}

/**
 * Age in months on a day: completed calendar months and the part of the next
 * one that has passed. Exactly 15 on the day a child turns 15 months, and more
 * than 15 from the day after.
 *
 * @throws RangeError when `today` is before the birth.
 * @example ageInMonths('2025-07-24', '2026-10-24') // => 15
 */
export function ageInMonths(dateOfBirth: IsoDate, today: IsoDate): number {
  if (daysBetween(dateOfBirth, today) < 0) {
    throw new RangeError(`Born on ${dateOfBirth}, which is after ${today}`)
  }
  const a = split(dateOfBirth)
  const b = split(today)
  let months = (b.y - a.y) * 12 + (b.m - a.m)
  if (addMonths(dateOfBirth, months) > today) months -= 1
  const start = addMonths(dateOfBirth, months)
  const length = daysBetween(start, addMonths(dateOfBirth, months + 1))
  return months + daysBetween(start, today) / length
}

export const ageInterval = (dateOfBirth: IsoDate, today: IsoDate): Interval => exactly(ageInMonths(dateOfBirth, today))
