import { formatNumber } from '../quantities/index.ts'
import type { GrowingQuantity } from '../rules/index.ts'
import type { Ending, Quantiles } from './months-left.ts'

const LIMIT_TEXT: Record<GrowingQuantity, { readonly what: string; readonly unit: string }> = {
  massKg: { what: 'mass', unit: 'kg' },
  statureCm: { what: 'stature', unit: 'cm' },
  ageMonths: { what: 'age', unit: 'months' },
  shoulderMm: { what: 'seated shoulder', unit: 'mm' },
  sittingMm: { what: 'sitting height', unit: 'mm' },
  daysFromToday: { what: 'life of the unit', unit: '' },
}

/** "stature 105 cm", "life of the unit". */
export function endingText({ quantity, limit }: Pick<Ending, 'quantity' | 'limit'>): string {
  const { what, unit } = LIMIT_TEXT[quantity]
  return quantity === 'daysFromToday' ? what : `${what} ${formatNumber(limit)} ${unit}`
}

const YEARS_FROM_MONTHS = 36
const halfYears = (months: number): number => Math.floor((months / 12) * 2) / 2

/** A length of time nobody can know to the week: whole months, half years after three, "under 1 month" at the short end. */
export function monthsText(months: number): string {
  if (!Number.isFinite(months)) return 'beyond the tables'
  if (months < 1) return 'under 1 month'
  if (months < YEARS_FROM_MONTHS) return `${Math.floor(months)} ${Math.floor(months) === 1 ? 'month' : 'months'}`
  return `${formatNumber(halfYears(months))} years`
}

/** "14 months (9 to 20)": the middle, and what eight children in ten lie between. */
export function quantilesText({ p10, p50, p90 }: Quantiles): string {
  if (!Number.isFinite(p50)) {
    return Number.isFinite(p10) ? `${monthsText(p10)} or more` : 'longer than the tables reach'
  }
  const [low, middle, high] = [monthsText(p10), monthsText(p50), monthsText(p90)]
  if (low === high) return middle
  const unit = / (months|years)$/.exec(high)?.[0]
  const isOneUnit = unit !== undefined && low.endsWith(unit) && middle.endsWith(unit)
  return `${middle} (${isOneUnit ? low.replace(unit, '') : low} to ${isOneUnit ? high.replace(unit, '') : high})`
}
