import { type IsoDate } from '../ground/index.ts'
import {
  ageMonthsOf,
  bodyAt,
  isPreterm,
  massOf,
  seatedShoulderOf,
  sittingHeightOf,
  statureOf,
  type Child,
} from '../child/index.ts'
import {
  CORRECTED_UNTIL_MONTHS,
  FULL_TERM_WEEKS,
  lmsAt,
  LARGEST_Z,
  monthlyTracking,
  valueAtZ,
  Z_OF_P95,
  zScore,
  type GrowthMeasure,
  type Lms,
  type Sex,
} from '../growth/index.ts'
import { daysBetween, DAYS_PER_MONTH, exactly, type Interval } from '../quantities/index.ts'
import { CORRECTION_FADES_OVER_MONTHS, HORIZON_MONTHS, MASS_STATURE_CORRELATION } from './growth-model.ts'
import { randomStream, seedOf, type RandomStream } from '../quantities/index.ts'

/** What the forecast rests on; the same input always gives the same trajectories. */
export interface ForecastInput {
  /** Calendar age today, in months of 30.4375 days. */
  readonly age: Interval
  /** Months to take off for a preterm birth; 0 when none or no longer. */
  readonly earlyMonths: number
  readonly sexes: readonly Sex[]
  readonly massKg: Interval | undefined
  readonly statureCm: Interval | undefined
  /** Measured heights only; what is not measured is drawn from the table. */
  readonly shoulderMm: Interval | undefined
  readonly sittingMm: Interval | undefined
}

/** Tables of mass end here; nothing is said beyond. */
const TABLES_END_MONTHS = 144
/** How many starting ages stand for an age that is only told. */
const TOLD_AGES = 8

/** What is known of a child for its forecast, or `undefined` when age or both measures are missing. */
export function forecastInput(child: Child, today: IsoDate): ForecastInput | undefined {
  const age =
    child.dateOfBirth === undefined
      ? ageMonthsOf(child, today)
      : exactly(daysBetween(child.dateOfBirth, today) / DAYS_PER_MONTH)
  const massKg = massOf(child)
  const statureCm = statureOf(child)
  if (age === undefined || age.lo < 0 || age.hi >= TABLES_END_MONTHS || (!massKg && !statureCm)) return undefined
  const weeksEarly = FULL_TERM_WEEKS - (child.bornAtWeeks ?? FULL_TERM_WEEKS)
  const isCorrected = isPreterm(child) && age.lo < CORRECTED_UNTIL_MONTHS
  const shoulder = seatedShoulderOf(child)
  const sitting = sittingHeightOf(child)
  return {
    age,
    earlyMonths: isCorrected ? (weeksEarly * 7) / DAYS_PER_MONTH : 0,
    sexes: child.sex === undefined ? ['female', 'male'] : [child.sex],
    massKg,
    statureCm,
    shoulderMm: shoulder && !shoulder.isEstimated ? shoulder.mm : undefined,
    sittingMm: sitting && !sitting.isEstimated ? sitting.mm : undefined,
  }
}

export const forecastSeed = (input: ForecastInput): number => seedOf(JSON.stringify(input))

/** The possible children, grown. `massKg` and `statureCm` hold `steps + 1` monthly values per child, one after another. */
export interface Growth {
  readonly count: number
  /** Months grown, never beyond the tables. */
  readonly steps: number
  readonly ageMonths: Float32Array
  readonly massKg: Float32Array
  readonly statureCm: Float32Array
  /** Where the child sits between the table's 5th (0) and 95th (1) centile of its stature. */
  readonly shoulderShare: Float32Array
  readonly sittingShare: Float32Array
}

/** Age for the tables: corrected until 24 months, the correction fading over the year after; never below birth. */
export function tableAge(calendarMonths: number, earlyMonths: number): number {
  const faded = Math.min(Math.max((calendarMonths - CORRECTED_UNTIL_MONTHS) / CORRECTION_FADES_OVER_MONTHS, 0), 1)
  return Math.max(0, calendarMonths - earlyMonths * (1 - faded))
}

interface Ladder {
  readonly mass: readonly Lms[]
  readonly stature: readonly Lms[]
  readonly tracking: readonly number[]
}

function ladderFor(sex: Sex, startMonths: number, earlyMonths: number, steps: number): Ladder {
  const ages = Array.from({ length: steps + 1 }, (_, t) => tableAge(startMonths + t, earlyMonths))
  const at = (measure: GrowthMeasure) =>
    ages.map((age) => {
      const lms = lmsAt(measure, sex, age)
      if (!lms) throw new RangeError(`No growth table for ${measure} at ${age} months`)
      return lms
    })
  return { mass: at('massKg'), stature: at('statureCm'), tracking: ages.map(monthlyTracking) }
}

const within = (x: number, limit: number): number => Math.min(Math.max(x, -limit), limit)
const drawn = (x: Interval, random: RandomStream): number => x.lo + (x.hi - x.lo) * random.uniform()

interface Growing {
  readonly total: number
  readonly done: number
  /** Grows up to `count` more children; true when all are grown. */
  grow(count: number): boolean
  /** What has been grown; whole only when `done` is `total`. */
  readonly growth: Growth
}

/**
 * Draws `count` possible children and grows them monthly, `grow` by `grow`, so
 * that a worker can report progress and stop between parts.
 *
 * @throws RangeError when `count` is not a positive whole number.
 */
export function growTrajectories(
  input: ForecastInput,
  options: {
    readonly count: number
    readonly seed: number
    readonly horizonMonths?: number
    readonly drifts?: boolean
  },
): Growing {
  const { count, seed, drifts = true } = options
  if (!Number.isInteger(count) || count < 1) throw new RangeError(`Needs a whole number of trajectories, got ${count}`)
  const steps = Math.max(
    0,
    Math.min(options.horizonMonths ?? HORIZON_MONTHS, Math.floor(TABLES_END_MONTHS - input.age.hi)),
  )
  const random = randomStream(seed)
  const ages = input.age.lo === input.age.hi ? [input.age.lo] : Array.from({ length: TOLD_AGES }, (_, i) => input.age.lo + ((i + 0.5) / TOLD_AGES) * (input.age.hi - input.age.lo)) // prettier-ignore
  const ladders = input.sexes.flatMap((sex) =>
    ages.map((age) => ({ age, ...ladderFor(sex, age, input.earlyMonths, steps) })),
  )
  const growth: Growth = {
    count,
    steps,
    ageMonths: new Float32Array(count),
    massKg: new Float32Array(count * (steps + 1)),
    statureCm: new Float32Array(count * (steps + 1)),
    shoulderShare: new Float32Array(count),
    sittingShare: new Float32Array(count),
  }
  const c = MASS_STATURE_CORRELATION
  const rest = Math.sqrt(1 - c * c)
  let done = 0

  function growOne(i: number): void {
    const ladder = ladders[i % ladders.length] as (typeof ladders)[number]
    const { mass, stature, tracking } = ladder
    growth.ageMonths[i] = ladder.age
    const firstMass = input.massKg && drawn(input.massKg, random)
    const firstStature = input.statureCm && drawn(input.statureCm, random)
    const knownMassZ = firstMass === undefined ? undefined : zScore(mass[0] as Lms, firstMass)
    const knownStatureZ = firstStature === undefined ? undefined : zScore(stature[0] as Lms, firstStature)
    let massZ = within(knownMassZ ?? c * (knownStatureZ ?? 0) + rest * random.normal(), LARGEST_Z)
    let statureZ = within(knownStatureZ ?? c * (knownMassZ ?? 0) + rest * random.normal(), LARGEST_Z)
    const base = i * (steps + 1)
    let heaviest = firstMass ?? valueAtZ(mass[0] as Lms, massZ)
    let tallest = firstStature ?? valueAtZ(stature[0] as Lms, statureZ)
    growth.massKg[base] = heaviest
    growth.statureCm[base] = tallest
    const shareOf = (measured: Interval | undefined, part: 'shoulderMm' | 'sittingMm'): number => {
      if (measured === undefined) return 0.5 + random.normal() / (2 * Z_OF_P95)
      const { lo, hi } = bodyAt(tallest)[part]
      return (drawn(measured, random) - lo) / (hi - lo)
    }
    growth.shoulderShare[i] = shareOf(input.shoulderMm, 'shoulderMm')
    growth.sittingShare[i] = shareOf(input.sittingMm, 'sittingMm')
    for (let t = 1; t <= steps; t += 1) {
      if (drifts) {
        const rho = tracking[t - 1] as number
        const move = Math.sqrt(1 - rho * rho)
        const e = random.normal()
        massZ = within(rho * massZ + move * e, LARGEST_Z)
        statureZ = within(rho * statureZ + move * (c * e + rest * random.normal()), LARGEST_Z)
      }
      heaviest = Math.max(heaviest, valueAtZ(mass[t] as Lms, massZ))
      tallest = Math.max(tallest, valueAtZ(stature[t] as Lms, statureZ))
      growth.massKg[base + t] = heaviest
      growth.statureCm[base + t] = tallest
    }
  }

  return {
    total: count,
    get done() {
      return done
    },
    growth,
    grow(part) {
      const end = Math.min(count, done + part)
      while (done < end) {
        growOne(done)
        done += 1
      }
      return done === count
    },
  }
}

/** Everything at once. */
export function growAll(input: ForecastInput, count: number, seed = forecastSeed(input)): Growth {
  const growing = growTrajectories(input, { count, seed })
  growing.grow(count)
  return growing.growth
}
