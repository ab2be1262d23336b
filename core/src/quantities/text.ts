import { halfWidth, middle, type Interval } from './interval.ts'
import * as msg from './messages.en.ts'

/** A number with at most `digits` decimals and no trailing zeros; a true minus sign. */
export function formatNumber(value: number, digits = 1): string {
  const text = value.toFixed(digits)
  const trimmed = digits > 0 ? text.replace(/\.?0+$/, '') : text
  return (trimmed === '-0' ? '0' : trimmed).replace('-', '−')
}

/** `10.4 ± 0.1 kg`, or `10.4 kg` when it is exact. */
export function formatInterval(x: Interval, unit: string, digits = 1): string {
  const u = halfWidth(x)
  const mid = formatNumber(middle(x), digits)
  // A ± that rounds away would claim an exactness that is not there.
  const spread = u === 0 ? '' : ` ± ${formatNumber(u, u < 0.1 && digits < 2 ? 2 : digits)}`
  return `${mid}${spread} ${spread === '' ? unitFor(mid, unit) : unit}`
}

export function formatRange(unit: string, from?: number, to?: number): string {
  if (from !== undefined && to !== undefined) return `${formatNumber(from)}–${formatNumber(to)} ${unit}`
  if (from !== undefined) return msg.from(formatNumber(from), unit)
  if (to !== undefined) return msg.upTo(formatNumber(to), unit)
  return msg.noLimitIn(unit)
}

/** A unit as counted: `1 month`, `2 months`; symbols (kg, mm) stay as they are. */
export const unitFor = (shown: string, unit: string): string =>
  (shown === '1' && msg.ONE_OF[unit]) || (msg.MANY_OF[unit] ?? unit)

/** `1 year 4 months`, `7 weeks`, for people. Takes months. */
export function formatAge(months: number): string {
  if (months < 3) {
    const weeks = Math.floor((months * 30.4375) / 7)
    return msg.weeks(weeks)
  }
  const whole = Math.floor(months)
  if (whole < 24) return msg.months(whole)
  const years = Math.floor(whole / 12)
  const rest = whole % 12
  return rest === 0 ? msg.years(years) : msg.yearsAndMonths(years, rest)
}

/** "1 reading", "3 readings". */
export const plural = (count: number, one: string, many = `${one}s`): string => `${count} ${count === 1 ? one : many}`
