import { type IsoDate } from '../ground/index.ts'
import { ageMonthsOf, isPreterm, massOf, statureOf, type Child } from '../child/index.ts'
import { daysBetween, DAYS_PER_MONTH, formatNumber, interval, middle, type Interval } from '../quantities/index.ts'
import { centileOfZ, lmsAt, zScore, type GrowthMeasure, type Sex } from './lms.ts'
import * as msg from './messages.en.ts'

/** Preterm children are compared by corrected age up to this calendar age. */
export const CORRECTED_UNTIL_MONTHS = 24
/** A full pregnancy, from which the correction counts. */
export const FULL_TERM_WEEKS = 40
/** Further out than this many standard deviations is a slip until looked at again. */
const SLIP_Z = 4

/**
 * Age in months of 30.4375 days for the growth tables, as an interval;
 * preterm children by corrected age up to 24 months, never below birth.
 */
export function growthAgeMonths(child: Child, today: IsoDate): Interval | undefined {
  const calendar =
    child.dateOfBirth === undefined
      ? ageMonthsOf(child, today)
      : interval(
          daysBetween(child.dateOfBirth, today) / DAYS_PER_MONTH,
          daysBetween(child.dateOfBirth, today) / DAYS_PER_MONTH,
        )
  if (calendar === undefined || !isPreterm(child) || calendar.lo >= CORRECTED_UNTIL_MONTHS) return calendar
  const earlyMonths = ((FULL_TERM_WEEKS - (child.bornAtWeeks ?? FULL_TERM_WEEKS)) * 7) / DAYS_PER_MONTH
  return interval(Math.max(0, calendar.lo - earlyMonths), Math.max(0, calendar.hi - earlyMonths))
}

export interface GrowthStanding {
  readonly measure: GrowthMeasure
  /** Standard deviations from the median, over everything that is possible. */
  readonly z: Interval
  /** Lowest and highest centile possible. */
  readonly centile: Interval
  /** Both sexes, since it was not said which. */
  readonly isBothSexes: boolean
  readonly isCorrected: boolean
  readonly isDerived: boolean
}

/** Where a child stands among children of its age; `undefined` where the tables or the facts end. */
export function growthStanding(child: Child, today: IsoDate, measure: GrowthMeasure): GrowthStanding | undefined {
  const age = growthAgeMonths(child, today)
  const value = measure === 'massKg' ? massOf(child) : statureOf(child)
  if (age === undefined || value === undefined) return undefined
  const sexes: readonly Sex[] = child.sex === undefined ? ['female', 'male'] : [child.sex]
  const scores: number[] = []
  let isDerived = false
  for (const sex of sexes) {
    for (const months of [age.lo, age.hi]) {
      const lms = lmsAt(measure, sex, months)
      if (lms === undefined) return undefined
      isDerived ||= lms.isDerived
      scores.push(zScore(lms, value.lo), zScore(lms, value.hi))
    }
  }
  const z = interval(Math.min(...scores), Math.max(...scores))
  return {
    measure,
    z,
    centile: interval(centileOfZ(z.lo), centileOfZ(z.hi)),
    isBothSexes: sexes.length > 1,
    isCorrected: isPreterm(child) && (ageMonthsOf(child, today)?.lo ?? Infinity) < CORRECTED_UNTIL_MONTHS,
    isDerived,
  }
}

/** "centile 34", "centile 29 to 41": no exactness beyond what is known. */
export function centileText({ centile }: GrowthStanding): string {
  const word = (x: number): string => (x < 1 ? msg.below1 : x > 99 ? msg.above99 : formatNumber(x, 0))
  const [low, high] = [word(centile.lo), word(centile.hi)]
  return low === high ? msg.centile(low) : msg.centileTo(low, high)
}

const SLIP_UNIT = { massKg: 'kg', statureCm: 'cm' } as const

/** Measures that no child of this age has, as far as the tables know: kept, and said aloud. */
export function growthSlips(child: Child, today: IsoDate): readonly string[] {
  return (['massKg', 'statureCm'] as const).flatMap((measure) => {
    const standing = growthStanding(child, today, measure)
    const value = measure === 'massKg' ? massOf(child) : statureOf(child)
    if (!standing || !value) return []
    const nearest = standing.z.lo > 0 ? standing.z.lo : standing.z.hi < 0 ? -standing.z.hi : 0
    if (nearest <= SLIP_Z) return []
    const shown = `${formatNumber(middle(value))} ${SLIP_UNIT[measure]}`
    return [msg.farFromTheMiddle(measure, shown, SLIP_Z, standing.z.lo > 0 ? 'above' : 'below')]
  })
}

interface DatedMeasures {
  readonly on: IsoDate
  readonly statureCm?: Interval | undefined
}

/** Earlier statures that this one falls short of beyond both measurements: nobody shrinks. */
export function shrinkSlips(child: Child, today: IsoDate, earlier: readonly DatedMeasures[]): readonly string[] {
  const now = statureOf(child)
  if (!now) return []
  const worst = earlier
    .filter((r) => r.on < today && r.statureCm !== undefined && r.statureCm.lo > now.hi)
    .toSorted((a, b) => (b.statureCm?.lo ?? 0) - (a.statureCm?.lo ?? 0))[0]
  if (!worst?.statureCm) return []
  return [msg.aStatureOfCmIs(formatNumber(middle(now)), formatNumber(middle(worst.statureCm)), worst.on)]
}
