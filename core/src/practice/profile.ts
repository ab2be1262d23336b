import { z } from 'zod'
import { idSchema, nameSchema } from '../ground/index.ts'

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
  insertOut: ['at-makers-limit', 'earlier-for-comfort'],
  frontSeatGap: ['as-maker-says', 'clear-gap-always'],
  knees: ['must-bend', 'advised'],
} as const

export type SchoolQuestion = keyof typeof SCHOOLS

export const SCHOOL_TEXT: Record<SchoolQuestion, { question: string; schools: Record<string, string> }> = {
  slack: {
    question: 'Harness slack',
    schools: { 'one-finger': 'one finger (15 mm)', 'two-fingers': 'two fingers (25 mm)', pinch: 'no strap to pinch' },
  },
  turningForward: {
    question: 'Turning forward',
    schools: { 'as-late-as-allowed': 'as late as the restraint allows', 'legal-minimum': 'at the legal minimum' },
  },
  boosterFrom: {
    question: 'Booster from',
    schools: { 'harness-to-its-limit': 'harness to its limit first', 'legal-minimum': 'at the legal minimum' },
  },
  steadiness: {
    question: 'Steadiness',
    schools: { 'within-25-mm': 'at most 25 mm', 'nothing-felt': 'nothing felt' },
  },
  vehicleHeadRestraint: {
    question: 'Vehicle head restraint',
    schools: { 'off-where-it-fouls': 'off only where it fouls', 'always-off': 'always off and stowed' },
  },
  baseGap: {
    question: 'Gap behind or under the base',
    schools: { none: 'none', 'accepted-where-maker-says': 'accepted where the maker says so' },
  },
  olderRearwardRecline: {
    question: 'Recline of an older rearward child',
    schools: { 'upright-as-comfort-allows': 'upright as comfort allows', 'most-reclined': 'most reclined' },
  },
  infantHead: {
    question: 'Infant’s head',
    schools: { 'edge-flush': 'level with the edge at most', 'margin-25-mm': '25 mm below the edge' },
  },
  insertOut: {
    question: 'Insert out',
    schools: { 'at-makers-limit': 'at the maker’s limit', 'earlier-for-comfort': 'earlier for comfort' },
  },
  frontSeatGap: {
    question: 'Front seat against a rearward shell',
    schools: { 'as-maker-says': 'as the maker says', 'clear-gap-always': 'a clear gap always' },
  },
  knees: {
    question: 'Knees on a booster',
    schools: { 'must-bend': 'must bend at the cushion’s edge', advised: 'advised to' },
  },
}

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
    insertOut: z.enum(SCHOOLS.insertOut),
    frontSeatGap: z.enum(SCHOOLS.frontSeatGap),
    knees: z.enum(SCHOOLS.knees),
  })
  .meta({ id: 'PracticeProfile' })
export type PracticeProfile = z.infer<typeof practiceSchema>

export const DEFAULT_PRACTICE: PracticeProfile = {
  id: 'rearward-longest',
  name: 'Rearward longest',
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
