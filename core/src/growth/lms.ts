import { LMS_SETS } from './lms-data.ts'

export type Sex = 'female' | 'male'
export type GrowthMeasure = 'massKg' | 'statureCm'

export interface Lms {
  readonly l: number
  readonly m: number
  readonly s: number
  /** Beyond the published tables: shown as such. */
  readonly isDerived: boolean
}
type Row = readonly [ageMonths: number, l: number, m: number, s: number]
interface Table {
  readonly isDerived: boolean
  readonly rows: readonly Row[]
}

const tables = new Map<string, readonly Table[]>()

/** Tables of one measure and sex, youngest first; parsed when first asked for. */
function tablesOf(measure: 'mass' | 'length' | 'height', sex: Sex): readonly Table[] {
  const key = `${measure}/${sex}`
  const known = tables.get(key)
  if (known) return known
  const parsed = LMS_SETS.filter((set) => set.measure === measure && set.sex === sex).map((set) => ({
    isDerived: set.isDerived,
    rows: set.rows.split(';').map((row) => row.split(' ').map(Number) as unknown as Row),
  }))
  tables.set(key, parsed)
  return parsed
}

/** Below this age stature is the lying length, from it on the standing height. */
const STANDING_FROM_MONTHS = 24

/**
 * LMS parameters at an age in months, linear between rows; `undefined` outside
 * the tables (mass 0–144 months, stature 0–228).
 */
export function lmsAt(measure: GrowthMeasure, sex: Sex, ageMonths: number): Lms | undefined {
  const name = measure === 'massKg' ? 'mass' : ageMonths < STANDING_FROM_MONTHS ? 'length' : 'height'
  for (const { rows, isDerived } of tablesOf(name, sex)) {
    const next = rows.findIndex((row) => row[0] >= ageMonths)
    const above = rows[next]
    if (above === undefined) continue
    const below = rows[next - 1] ?? above
    if (ageMonths < below[0]) continue
    const t = above[0] === below[0] ? 0 : (ageMonths - below[0]) / (above[0] - below[0])
    const at = (i: 1 | 2 | 3): number => below[i] + t * (above[i] - below[i])
    return { l: at(1), m: at(2), s: at(3), isDerived }
  }
  return undefined
}

/** z = ((value/M)^L − 1) / (L·S), or ln(value/M)/S where L is 0. */
export function zScore({ l, m, s }: Lms, value: number): number {
  return l === 0 ? Math.log(value / m) / s : ((value / m) ** l - 1) / (l * s)
}

/** Far out the formula's base would pass through nought; it is held just above. */
const SMALLEST_BASE = 0.05

/** The value at a z-score: M·(1 + L·S·z)^(1/L). */
export function valueAtZ({ l, m, s }: Lms, z: number): number {
  return l === 0 ? m * Math.exp(s * z) : m * Math.max(1 + l * s * z, SMALLEST_BASE) ** (1 / l)
}

/**
 * Centile (0–100) of a z-score: the normal distribution by the rational
 * approximation 26.2.17 of Abramowitz and Stegun, good to 7.5e-8.
 */
export function centileOfZ(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z))
  const tail =
    (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return 100 * (z >= 0 ? 1 - tail : tail)
}
