import { z } from 'zod'
import { idSchema, nameSchema } from '../ground/index.ts'
import * as msg from './messages.en.ts'

/**
 * One choice per question on which good practitioners differ. The first of
 * each list is the default. A maker's instruction beats the profile; law beats both.
 */
export const SCHOOLS = {
  slack: ['one-finger', 'two-fingers', 'pinch'],
  turningForward: ['as-late-as-allowed', 'legal-minimum'],
  boosterFrom: ['harness-to-its-limit', 'legal-minimum'],
  steadiness: ['within-25-mm', 'nothing-felt'],
  vehicleHeadRestraint: ['off-where-it-fouls', 'always-off'],
  baseGap: ['none', 'accepted-where-maker-says'],
  olderRearwardRecline: ['upright-as-comfort-allows', 'most-reclined'],
  infantHead: ['edge-flush', 'margin-25-mm'],
  infantAngle: ['usual-band', 'upright-as-airway-allows'],
  insertOut: ['at-makers-limit', 'earlier-for-comfort'],
  frontSeatGap: ['as-maker-says', 'clear-gap-always'],
  knees: ['must-bend', 'advised'],
  youngestSits: ['anywhere', 'in-the-middle', 'behind-the-passenger', 'at-the-kerb'],
} as const

export type SchoolQuestion = keyof typeof SCHOOLS

/** Whom a fitter here sends somebody to, by who can answer. */
export const CONTACTS = ['vehicle', 'maker', 'regulation', 'practice', 'specialist'] as const
export type Contact = (typeof CONTACTS)[number]
/** A name, a number, hours: one line. */
export const CONTACT_MOST = 200
const contactSchema = z.string().trim().min(1).max(CONTACT_MOST)

export const practiceSchema = z
  .strictObject({
    id: idSchema,
    name: nameSchema,
    slack: z.enum(SCHOOLS.slack),
    turningForward: z.enum(SCHOOLS.turningForward),
    boosterFrom: z.enum(SCHOOLS.boosterFrom),
    steadiness: z.enum(SCHOOLS.steadiness),
    vehicleHeadRestraint: z.enum(SCHOOLS.vehicleHeadRestraint),
    baseGap: z.enum(SCHOOLS.baseGap),
    olderRearwardRecline: z.enum(SCHOOLS.olderRearwardRecline),
    infantHead: z.enum(SCHOOLS.infantHead),
    /** Not said in a profile from before it was asked: the usual band. */
    infantAngle: z.enum(SCHOOLS.infantAngle).optional(),
    insertOut: z.enum(SCHOOLS.insertOut),
    frontSeatGap: z.enum(SCHOOLS.frontSeatGap),
    knees: z.enum(SCHOOLS.knees),
    /** Of a family in one car; not said in a profile from before it was asked: anywhere. */
    youngestSits: z.enum(SCHOOLS.youngestSits).optional(),
    /** Stands on the sheet for a person, beside where to ask as a rule. */
    contacts: z
      .strictObject(
        Object.fromEntries(CONTACTS.map((c) => [c, contactSchema.optional()])) as Record<
          Contact,
          z.ZodOptional<typeof contactSchema>
        >,
      )
      .optional(),
  })
  .meta({ id: 'PracticeProfile' })
export type PracticeProfile = z.infer<typeof practiceSchema>

export const DEFAULT_PRACTICE: PracticeProfile = {
  id: 'rearward-longest',
  name: msg.rearwardLongest,
  slack: 'one-finger',
  turningForward: 'as-late-as-allowed',
  boosterFrom: 'harness-to-its-limit',
  steadiness: 'within-25-mm',
  vehicleHeadRestraint: 'off-where-it-fouls',
  baseGap: 'none',
  olderRearwardRecline: 'upright-as-comfort-allows',
  infantHead: 'edge-flush',
  insertOut: 'at-makers-limit',
  frontSeatGap: 'as-maker-says',
  knees: 'must-bend',
}
