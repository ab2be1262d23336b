import { z } from 'zod'
import { idSchema, type IsoDate, type Sequence, sequenceSchema } from '../ground/index.ts'
import { QUANTITY_SOURCES, quantitySchema, type QuantityLimits } from '../quantities/index.ts'
import { CHECK_IDS, checkOf, type CheckId } from '../checks/index.ts'
import * as msg from './messages.en.ts'

/** `was`: what it was set to before, so that a reason can say from what to what. */
const setting = <T extends z.ZodType>(value: T) => z.strictObject({ value, was: value.optional(), at: sequenceSchema })

/** What has been set on the restraint and the seats around it. */
export const settingsSchema = z.strictObject({
  recline: setting(idSchema).optional(),
  legNotch: setting(z.int().min(1).max(60)).optional(),
  /** Strap exit (or guide) above the surface the child sits on. */
  strapHeightMm: setting(z.number().min(50).max(900)).optional(),
  wedge: setting(z.boolean()).optional(),
  insertsIn: setting(z.array(idSchema).max(8)).optional(),
  vehicleHeadRestraint: setting(z.enum(['on', 'off-and-stowed', 'off-and-loose'])).optional(),
  /** Backrest of the place to the seat in front, as that seat stands now. */
  frontSeatGapMm: setting(z.number().min(0).max(2000)).optional(),
  /** How far the shell is slid on its base from the vehicle's backrest. */
  slideMm: setting(z.number().min(0).max(300)).optional(),
})
export type Settings = z.infer<typeof settingsSchema>
export const SETTING_IDS = Object.keys(settingsSchema.shape) as (keyof Settings)[]

/** Things that happen to an installation and leave no setting behind. */
export const DISTURBANCE_IDS = [
  'connectors',
  'base',
  'tether',
  'turned',
  'set-round',
  'harness',
  'clothes',
  'removed',
  'left',
  'driven',
  'carrier',
  'child',
  // What the others of a ride did, and what came on or off that widens this one.
  'beside',
  'shared-seat',
] as const
export type Disturbance = (typeof DISTURBANCE_IDS)[number]

export const disturbancesSchema = z.strictObject(
  Object.fromEntries(DISTURBANCE_IDS.map((id) => [id, z.strictObject({ at: sequenceSchema }).optional()])) as Record<
    Disturbance,
    z.ZodOptional<z.ZodObject<{ at: typeof sequenceSchema }, z.core.$strict>>
  >,
)
export type Disturbances = z.infer<typeof disturbancesSchema>

/** Steps that leave no reading behind, noted as done: by the step's id. */
export const stepsDoneSchema = z.record(idSchema, z.strictObject({ at: sequenceSchema }))
export type StepsDone = z.infer<typeof stepsDoneSchema>

function readingSchema(id: CheckId) {
  const check = checkOf(id)
  if (check.kind === 'number') {
    const limits: QuantityLimits = { min: check.min, max: check.max, unit: check.unit }
    return z.strictObject({
      number: quantitySchema(limits),
      slip: quantitySchema(limits).optional(),
      at: sequenceSchema,
    })
  }
  const options = check.options.map((o) => o.id)
  return z
    .strictObject({
      option: z.enum(options).optional(),
      /** What it showed before: an indicator that never changes proves nothing. */
      before: z.enum(options).optional(),
      sensed: z
        .array(z.enum(['seen', 'heard', 'felt']))
        .max(3)
        .optional(),
      /** What was noted before by a slip of the finger: nothing was done again. */
      slip: z.enum(options).optional(),
      at: sequenceSchema,
    })
    .refine((r) => r.option !== undefined || r.before !== undefined, {
      path: ['option'],
      message: msg.needsAnOptionOrWhat,
    })
}

/** One observation or measurement, and its place in the order of entry. */
export interface Reading {
  readonly at: Sequence
  readonly option?: string | undefined
  readonly before?: string | undefined
  readonly sensed?: readonly ('seen' | 'heard' | 'felt')[] | undefined
  readonly slip?: unknown
  readonly number?:
    | {
        readonly value?: number | undefined
        readonly plusMinus?: number | undefined
        readonly from?: number | undefined
        readonly to?: number | undefined
        readonly source: (typeof QUANTITY_SOURCES)[number]
        readonly on?: IsoDate | undefined
      }
    | undefined
}
export type Readings = Partial<Record<CheckId, Reading>>

export const readingsSchema = z.strictObject(
  Object.fromEntries(CHECK_IDS.map((id) => [id, readingSchema(id).optional()])),
) as unknown as z.ZodType<Readings>

/** When a check that was found bad (at `from`) was put right (at `at`), in the order of entry: each is its step done over. */
export const redoneSchema = z.partialRecord(
  z.enum(CHECK_IDS),
  z.array(z.strictObject({ from: sequenceSchema, at: sequenceSchema })).max(500),
)
export type Redone = z.infer<typeof redoneSchema>
/** Readings that were bad, or left it to a rule, and were taken away: what comes next puts them right. */
export const takenAwaySchema = z.strictObject(
  Object.fromEntries(CHECK_IDS.map((id) => [id, readingSchema(id).optional()])),
) as unknown as z.ZodType<Readings>

/** What is measured on a child, and was changed by more than both measurements are uncertain. */
export const CHILD_MEASURES = ['massKg', 'statureCm', 'seatedShoulderHeightMm', 'sittingHeightMm'] as const
export type ChildMeasure = (typeof CHILD_MEASURES)[number]
export const childChangedSchema = z.partialRecord(z.enum(CHILD_MEASURES), z.strictObject({ at: sequenceSchema }))
export type ChildChanged = z.infer<typeof childChangedSchema>
