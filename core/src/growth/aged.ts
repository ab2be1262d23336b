import { type IsoDate } from '../ground/index.ts'
import {
  ageMonthsOf,
  massOf,
  seatedShoulderOf,
  sittingHeightOf,
  statureOf,
  type BodyHeight,
  type Child,
} from '../child/index.ts'
import { daysBetween, DAYS_PER_MONTH, interval, toInterval, type Interval } from '../quantities/index.ts'
import { lmsAt, valueAtZ, zScore, type GrowthMeasure, type Sex } from './lms.ts'
import { growthAgeMonths } from './standing.ts'
import { LARGEST_Z, trackingOver, Z_OF_P95 } from './tracking.ts'

/**
 * A reading holds for its day. Past these days its upper end widens by what
 * children grow meanwhile: an old figure can still decide what is far from a
 * limit, and never what is near. By the age at the measurement; our own figures.
 */
const READING_HOLDS: readonly { readonly underMonths: number; readonly days: number }[] = [
  { underMonths: 6, days: 14 },
  { underMonths: 12, days: 30 },
  { underMonths: 24, days: 60 },
  { underMonths: 48, days: 90 },
  { underMonths: Infinity, days: 120 },
]

/** For how many days a reading holds that was taken at this age; the shortest while the age is not known. */
export const holdsForDays = (ageMonths: number | undefined): number =>
  (READING_HOLDS.find((h) => (ageMonths ?? 0) < h.underMonths) ?? { days: 14 }).days

/** The fastest that any child grows, for ages outside the tables or not known: newborns. Per month; our own figures. */
const FASTEST = { massKg: 1.4, statureCm: 5 } as const

/** The most that `hi` may have become between two ages: kept in its channel, or drifted up at the 95th centile. */
function grown(measure: GrowthMeasure, hi: number, child: Child, then: number, now: number): number {
  const sexes: readonly Sex[] = child.sex === undefined ? ['female', 'male'] : [child.sex]
  const most = sexes.map((sex) => {
    const [before, after] = [lmsAt(measure, sex, then), lmsAt(measure, sex, now)]
    if (!before || !after) return hi + FASTEST[measure] * (now - then)
    const z = Math.min(Math.max(zScore(before, hi), -LARGEST_Z), LARGEST_Z)
    const rho = trackingOver(then, now)
    const up = rho * z + Z_OF_P95 * Math.sqrt(1 - rho * rho)
    // Lying becomes standing at two years, and a table's step down is no shrinking.
    // One far outside the tables grows at least as the middle child does.
    const asTheMiddle = (hi * after.m) / before.m
    return Math.max(hi, asTheMiddle, valueAtZ(after, z), valueAtZ(after, Math.min(up, LARGEST_Z)))
  })
  return Math.max(hi, ...most)
}

/** The ages at a measurement and today, in months, or `undefined` while the reading still holds for its day. */
function outdated(child: Child, today: IsoDate, on: IsoDate | undefined): { then: number; now: number } | undefined {
  const days = on === undefined ? 0 : daysBetween(on, today)
  const age = ageMonthsOf(child, today)
  const months = days / DAYS_PER_MONTH
  // Told ages are intervals: at its youngest the child grew fastest, and its reading held shortest.
  if (days <= holdsForDays(age === undefined ? undefined : Math.max(0, age.lo - months))) return undefined
  const now = growthAgeMonths(child, today)?.lo ?? months
  return { then: Math.max(0, now - months), now: Math.max(now, months) }
}

export interface MeasuresOn {
  readonly massKg: Interval | undefined
  readonly statureCm: Interval | undefined
  /** Seated shoulder height as measured; the estimate stands in `shoulder`. */
  readonly shoulderMm: Interval | undefined
  readonly shoulder: BodyHeight | undefined
  readonly sitting: BodyHeight | undefined
}

/** A child's measures as they may be on a day: what it wore taken off, old readings widened, heights estimated. */
export function measuresOn(child: Child, today: IsoDate): MeasuresOn {
  const widened = (measure: GrowthMeasure, value: Interval | undefined): Interval | undefined => {
    const old = value && outdated(child, today, child[measure]?.on)
    return value && old ? interval(value.lo, grown(measure, value.hi, child, old.then, old.now)) : value
  }
  const statureCm = widened('statureCm', statureOf(child))
  /** Seated heights grow with the stature. */
  const height = (field: 'seatedShoulderHeightMm' | 'sittingHeightMm'): BodyHeight | undefined => {
    const measured = toInterval(child[field])
    if (measured === undefined) {
      const today = statureCm && { ...child, statureCm: { from: statureCm.lo, to: statureCm.hi, source: 'estimated' as const }, measuredIn: undefined } // prettier-ignore
      return today && (field === 'sittingHeightMm' ? sittingHeightOf(today) : seatedShoulderOf(today))
    }
    const old = outdated(child, today, child[field]?.on)
    if (!old) return { mm: measured, isEstimated: false }
    const stature = lmsAt('statureCm', child.sex ?? 'male', old.then)?.m ?? statureOf(child)?.lo ?? 60
    const share = grown('statureCm', stature, child, old.then, old.now) / stature
    return { mm: interval(measured.lo, measured.hi * share), isEstimated: false }
  }
  const shoulder = height('seatedShoulderHeightMm')
  return {
    massKg: widened('massKg', massOf(child)),
    statureCm,
    shoulderMm: shoulder?.isEstimated === false ? shoulder.mm : undefined,
    shoulder,
    sitting: height('sittingHeightMm'),
  }
}

/** The measures of a child that are past their days, in the order in which they are taken. */
export const outdatedMeasures = (child: Child, today: IsoDate): readonly OutdatedMeasure[] =>
  (['massKg', 'statureCm', 'seatedShoulderHeightMm', 'sittingHeightMm'] as const).filter(
    (field) => child[field] !== undefined && outdated(child, today, child[field]?.on) !== undefined,
  )
export type OutdatedMeasure = 'massKg' | 'statureCm' | 'seatedShoulderHeightMm' | 'sittingHeightMm'
