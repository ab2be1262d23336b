import { type IsoDate } from '@nimble-anchor/core/ground'
import type { Child } from '@nimble-anchor/core/child'
import { lmsAt, measuresOn, valueAtZ, zScore, type Sex } from '@nimble-anchor/core/growth'
import { addDays, daysBetween, DAYS_PER_MONTH, type Interval } from '@nimble-anchor/core/quantities'
import type { Dice } from './dice'

/** A child who grows along its own curves: what is known of it, and how far from the middle it is. */
export interface GrowingChild {
  readonly id: string
  readonly name: string
  readonly familyName: string
  readonly sex: Sex
  readonly dateOfBirth: IsoDate
  /** What a family tells of it, beside its name and day of birth. */
  readonly told: Pick<Child, 'bornAtWeeks' | 'birthMassKg' | 'needsPostureSpecialist' | 'headControl'>
  /** How many deviations from the middle of its age. */
  readonly z: { readonly massKg: number; readonly statureCm: number }
}

const MEASURES = ['massKg', 'statureCm'] as const
/** Beyond this a made-up child would be one for a specialist. */
const MOST_Z = 1.9
const within = (z: number): number => Math.max(-MOST_Z, Math.min(MOST_Z, z))
const ageMonths = (born: IsoDate, day: IsoDate): number => daysBetween(born, day) / DAYS_PER_MONTH

/** Steady head control comes at about four to six months. (Practice.) */
const STEADY_FROM_MONTHS = 6
const SURELY_STEADY_MONTHS = 9

const FIRST_NAMES: Readonly<Record<Sex, readonly string[]>> = {
  female: ['Ailsa', 'Bryony', 'Clover', 'Delphie', 'Elowen', 'Fenella', 'Gwenna', 'Hazel', 'Isolde', 'Junia', 'Kerra', 'Linnet', 'Morwen', 'Nesta', 'Orla', 'Petra', 'Rowena', 'Senara', 'Tegan', 'Una'],
  male: ['Anselm', 'Brannock', 'Corin', 'Davin', 'Edric', 'Fergal', 'Gawen', 'Hedley', 'Ives', 'Jago', 'Kit', 'Locryn', 'Merrin', 'Nye', 'Odhran', 'Piran', 'Rufus', 'Silas', 'Tamblyn', 'Wilf'],
} // prettier-ignore
const FAMILY_STARTS = ['Ash', 'Bar', 'Cros', 'Dun', 'Elm', 'Fal', 'Gar', 'Hol', 'Kes', 'Lam', 'Mar', 'Nan', 'Pen', 'Quil', 'Ros', 'Sel', 'Tol', 'Ven', 'Wil', 'Yar'] // prettier-ignore
const FAMILY_ENDS = ['brook', 'carne', 'dale', 'ford', 'gate', 'ley', 'mere', 'stow']

/** The family names there are to give: every start with every end once. */
export const FAMILY_NAMES: readonly string[] = FAMILY_ENDS.flatMap((end) => FAMILY_STARTS.map((start) => start + end))

/** @param around the day at which it is about the age that the dice give */
export function makeChild(
  id: string,
  familyName: string,
  around: IsoDate,
  taken: readonly string[],
  dice: Dice,
): GrowingChild {
  const sex: Sex = dice.chance(0.5) ? 'female' : 'male'
  // More small ones than big: they outgrow sooner and come more often.
  const months = 1 + 108 * dice.between(0, 1) ** 1.7
  const names = FIRST_NAMES[sex].filter((n) => !taken.includes(n))
  const massZ = within(dice.normal())
  const isEarly = dice.chance(0.07)
  return {
    id,
    name: dice.pick(names),
    familyName,
    sex,
    dateOfBirth: addDays(around, -Math.round(months * DAYS_PER_MONTH)),
    told: {
      bornAtWeeks: isEarly ? 36 : 39,
      birthMassKg: {
        value: Math.round((isEarly ? 2.6 : 3.4 + 0.3 * massZ) * 100) / 100,
        plusMinus: 0.05,
        source: 'told',
      },
      needsPostureSpecialist: false,
    },
    // Tall children weigh more: the two go together, not all the way.
    z: { massKg: massZ, statureCm: within(0.7 * massZ + 0.7 * dice.normal()) },
  }
}

/** A child of the demo's files as one who grew to what it measures on that day; nothing where the files do not say enough. */
export function asGrowing(child: Child, day: IsoDate): GrowingChild | undefined {
  const { id, name, familyName, dateOfBirth, advice, bornAtWeeks, birthMassKg, needsPostureSpecialist } = child
  if (familyName === undefined || dateOfBirth === undefined || advice !== undefined) return undefined
  const sex = child.sex ?? 'male'
  const z = MEASURES.map((measure) => {
    const value = child[measure]?.value
    const lms = lmsAt(measure, sex, ageMonths(dateOfBirth, day))
    return value === undefined || lms === undefined ? 0 : zScore(lms, value)
  })
  const told = {
    ...(bornAtWeeks !== undefined && { bornAtWeeks }),
    ...(birthMassKg !== undefined && { birthMassKg }),
    ...(needsPostureSpecialist !== undefined && { needsPostureSpecialist }),
    ...(child.headControl !== undefined && { headControl: child.headControl }),
  }
  return { id, name, familyName, sex, dateOfBirth, told, z: { massKg: z[0] ?? 0, statureCm: z[1] ?? 0 } }
}

/** What a family can tell of a child, without any measure. */
export const toldOf = (g: GrowingChild): Child => ({
  id: g.id,
  name: g.name,
  familyName: g.familyName,
})

const middle = (x: { readonly mm: Interval } | undefined): number | undefined =>
  x === undefined ? undefined : Math.round((x.mm.lo + x.mm.hi) / 2)
const read = (value: number, plusMinus: number) => ({ value, plusMinus, source: 'measured' as const })

/** What is asked and measured of a child on a day; nothing before its birth or past the tables. */
export function foundOn(g: GrowingChild, day: IsoDate, dice: Dice): Partial<Child> | undefined {
  const months = ageMonths(g.dateOfBirth, day)
  const [mass, stature] = MEASURES.map((m) => (months < 0 ? undefined : lmsAt(m, g.sex, months)))
  // What is known of a child today, it did not do as a baby.
  if (g.told.headControl === 'steady' && months < SURELY_STEADY_MONTHS) return undefined
  if (mass === undefined || stature === undefined) return undefined
  const facts: Partial<Child> = {
    dateOfBirth: g.dateOfBirth,
    headControl: months < STEADY_FROM_MONTHS ? 'none' : 'steady',
    ...g.told,
    massKg: read(Math.round(valueAtZ(mass, g.z.massKg + 0.04 * dice.normal()) * 10) / 10, 0.05),
    statureCm: read(Math.round(valueAtZ(stature, g.z.statureCm) * 2) / 2, 0.4),
  }
  const heights = measuresOn({ ...toldOf(g), ...facts }, day)
  const [shoulder, sitting] = [middle(heights.shoulder), middle(heights.sitting)]
  return {
    ...facts,
    ...(shoulder !== undefined && { seatedShoulderHeightMm: read(shoulder, 4) }),
    ...(sitting !== undefined && { sittingHeightMm: read(sitting, 5) }),
  }
}
