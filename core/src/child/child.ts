import { z } from 'zod'
import { daySchema, idSchema, type IsoDate, modelIdSchema, nameSchema, noteSchema } from '../ground/index.ts'
import {
  ageInterval,
  DAYS_PER_MONTH,
  interval,
  quantitySchema,
  toInterval,
  type Interval,
} from '../quantities/index.ts'
import * as msg from './messages.en.ts'

/** Widest values accepted for a child; outside them it is a slip of the keyboard. */
const CHILD_LIMITS = {
  massKg: { min: 0.5, max: 80, unit: 'kg' },
  statureCm: { min: 30, max: 190, unit: 'cm' },
  seatedShoulderHeightMm: { min: 100, max: 800, unit: 'mm' },
  sittingHeightMm: { min: 200, max: 1100, unit: 'mm' },
  shoulderBreadthMm: { min: 100, max: 600, unit: 'mm' },
  ageMonths: { min: 0, max: 240, unit: 'months' },
  birthMassKg: { min: 0.3, max: 7, unit: 'kg' },
} as const

/** What a specialist may have advised for a child who was referred. */
export const ADVICE_OUTCOMES = ['lie-flat-only', 'semi-reclined-rearward', 'this-restraint', 'not-yet-by-car'] as const

const adviceSchema = z
  .strictObject({
    by: nameSchema,
    role: nameSchema,
    on: daySchema,
    outcome: z.enum(ADVICE_OUTCOMES),
    /** The restraint meant, where the outcome is this one restraint. */
    modelId: modelIdSchema.optional(),
  })
  .refine((a) => a.outcome !== 'this-restraint' || a.modelId !== undefined, {
    path: ['modelId'],
    message: msg.isNeededWhichRestraintWas,
  })
export type Advice = z.infer<typeof adviceSchema>

/** Little is kept: a name the fitter can call, and what the judgement needs. */
export const childSchema = z
  .strictObject({
    id: idSchema,
    name: nameSchema,
    familyName: nameSchema.optional(),
    dateOfBirth: daySchema.optional(),
    /** Used only when the day of birth is not given. */
    ageMonths: quantitySchema(CHILD_LIMITS.ageMonths).optional(),
    sex: z.enum(['female', 'male']).optional(),
    /** Completed weeks of pregnancy at birth; under 37 is preterm. */
    bornAtWeeks: z.int().min(22).max(44).optional(),
    headControl: z.enum(['none', 'steady']).optional(),
    needsPostureSpecialist: z.boolean().optional(),
    birthMassKg: quantitySchema(CHILD_LIMITS.birthMassKg).optional(),
    /** A specialist's word: who said it, when, and what. */
    advice: adviceSchema.optional(),
    /** As read on the scale; `weighedIn` says what else it weighed. */
    massKg: quantitySchema(CHILD_LIMITS.massKg).optional(),
    weighedIn: z.enum(['bare', 'indoor-clothes', 'outdoor-clothes']).optional(),
    /** As read on the gauge; `measuredIn` says what else it measured. */
    statureCm: quantitySchema(CHILD_LIMITS.statureCm).optional(),
    measuredIn: z.enum(['barefoot', 'shoes']).optional(),
    seatedShoulderHeightMm: quantitySchema(CHILD_LIMITS.seatedShoulderHeightMm).optional(),
    sittingHeightMm: quantitySchema(CHILD_LIMITS.sittingHeightMm).optional(),
    /** Across both shoulders: which width setting a restraint needs. */
    shoulderBreadthMm: quantitySchema(CHILD_LIMITS.shoulderBreadthMm).optional(),
    note: noteSchema.optional(),
  })
  .meta({ id: 'Child' })

export type Child = z.infer<typeof childSchema>

/** Weeks of pregnancy below which a birth is called preterm. */
export const TERM_WEEKS = 37

/** A birth mass, or a mass now, below this is low; kg. */
export const LOW_BIRTH_MASS_KG = 2.5
/** A full pregnancy, from which the correction counts. */
const FULL_TERM_WEEKS = 40
/** The earliest birth that a record may state: the most that an unknown birth can be early. */
const EARLIEST_WEEKS = 22
const DAYS_PER_WEEK = 7

export const isPreterm = (child: Child): boolean => child.bornAtWeeks !== undefined && child.bornAtWeeks < TERM_WEEKS

/** The age of each child worked out last: a hundred rules ask for the same day's. */
const lastAges = new WeakMap<Child, { readonly today: IsoDate; readonly age: Interval | undefined }>()

/** Calendar age in months; exact from the day of birth, an interval when only told. */
export function ageMonthsOf(child: Child, today: IsoDate): Interval | undefined {
  const last = lastAges.get(child)
  if (last?.today === today) return last.age
  const age = child.dateOfBirth === undefined ? toInterval(child.ageMonths) : ageInterval(child.dateOfBirth, today)
  lastAges.set(child, { today, age })
  return age
}

/**
 * Age in months counted from the day the child was due, when it was born before
 * 37 weeks; never below 0. While the weeks are not known it may be anything from
 * the earliest birth to term.
 */
export function correctedAgeMonths(child: Child, today: IsoDate): Interval | undefined {
  const age = ageMonthsOf(child, today)
  if (age === undefined) return undefined
  const { bornAtWeeks } = child
  const earlyMonths = (weeks: number): number => ((FULL_TERM_WEEKS - weeks) * DAYS_PER_WEEK) / DAYS_PER_MONTH
  if (bornAtWeeks !== undefined) {
    const early = isPreterm(child) ? earlyMonths(bornAtWeeks) : 0
    return interval(Math.max(0, age.lo - early), Math.max(0, age.hi - early))
  }
  return interval(Math.max(0, age.lo - earlyMonths(EARLIEST_WEEKS)), age.hi)
}

/**
 * Posture counts as without head control when it is said so, or when the child
 * is certainly under four months (of corrected age); unknown between four and nine.
 * (Practice: steady head control comes at about four to six months.)
 */
export function headControlOf(child: Child, today: IsoDate): 'none' | 'steady' | 'unknown' {
  if (child.headControl !== undefined) return child.headControl
  const age = isPreterm(child) ? correctedAgeMonths(child, today) : ageMonthsOf(child, today)
  if (age === undefined) return 'unknown'
  if (age.hi < 4) return 'none'
  return age.lo >= 9 ? 'steady' : 'unknown'
}
