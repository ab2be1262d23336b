import { type Case } from '@nimble-anchor/core/casefile'
import { type Band } from '@nimble-anchor/core/forecast'
import { type GrowthReading } from '@nimble-anchor/core/formats'
import { growthAgeMonths, lmsAt, valueAtZ, type GrowthMeasure, type Sex } from '@nimble-anchor/core/growth'
import { type Interval } from '@nimble-anchor/core/quantities'
import { massRangeOf, type Mode } from '@nimble-anchor/core/restraint'
import * as msg from './messages.en.ts'

export interface CurvePoint {
  readonly x: number
  readonly y: number
}

/** Standard deviates of the centile lines drawn. */
const CENTILES = [
  { centile: 3, z: -1.881 },
  { centile: 15, z: -1.036 },
  { centile: 50, z: 0 },
  { centile: 85, z: 1.036 },
  { centile: 97, z: 1.881 },
] as const

export interface CentileLine {
  readonly sex: Sex
  readonly centile: number
  readonly points: readonly CurvePoint[]
}

/** The tables' centile lines between two ages, monthly; both sexes where it is not said which. */
export function centileLines(
  measure: GrowthMeasure,
  sexes: readonly Sex[],
  from: number,
  to: number,
): readonly CentileLine[] {
  const ages: number[] = []
  for (let age = Math.max(0, Math.floor(from)); age <= to; age += 1) ages.push(age)
  return sexes.flatMap((sex) =>
    CENTILES.map(({ centile, z }) => ({
      sex,
      centile,
      points: ages.flatMap((age) => {
        const lms = lmsAt(measure, sex, age)
        return lms ? [{ x: age, y: valueAtZ(lms, z) }] : []
      }),
    })),
  )
}

/** The forecast by age, up to an age. */
export const bandPoints = (
  bands: readonly Band[],
  ageNow: number,
  to: number,
  part: 'p10' | 'p50' | 'p90',
): readonly CurvePoint[] =>
  bands.filter((b) => ageNow + b.month <= to + 3).map((b) => ({ x: ageNow + b.month, y: b[part] }))

export interface ReadingPoint {
  readonly x: number
  readonly value: Interval
  readonly on: string
}

/** Readings by the child's age on their day (corrected for a preterm birth, as the tables are read). */
export function readingPoints(
  c: Case,
  readings: readonly GrowthReading[],
  measure: GrowthMeasure,
): readonly ReadingPoint[] {
  return readings.flatMap((r) => {
    const value = r[measure]
    if (!value || (c.child.dateOfBirth !== undefined && r.on < c.child.dateOfBirth)) return []
    const age = growthAgeMonths(c.child, r.on)
    return age ? [{ x: age.lo, value, on: r.on }] : []
  })
}

export interface LimitLine {
  readonly y: number
  readonly text: string
}

/** The limits of a mode in one measure, to draw across. */
export function limitLines(mode: Mode | undefined, measure: GrowthMeasure): readonly LimitLine[] {
  if (!mode) return []
  const range = measure === 'massKg' ? massRangeOf(mode) : mode.statureCm
  const unit = measure === 'massKg' ? 'kg' : 'cm'
  return [
    ...(range?.from ? [{ y: range.from, text: msg.from(range.from, unit) }] : []),
    ...(range?.to === undefined ? [] : [{ y: range.to, text: msg.to(range.to, unit) }]),
  ]
}
