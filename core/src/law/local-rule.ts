import { z } from 'zod'
import { daySchema, idSchema, nameSchema, oncePer } from '../ground/index.ts'
import * as msg from './messages.en.ts'

/** When the use of a restraint may end: local law, whichever limit comes first. */
export const localRuleSchema = z
  .strictObject({
    id: idSchema,
    name: nameSchema,
    untilStatureCm: z.number().min(100).max(180).optional(),
    untilAgeYears: z.number().min(6).max(18).optional(),
    untilMassKg: z.number().min(20).max(60).optional(),
    /** Whether a restraint of UN R44 may still be used, and to which day; absent is not known. */
    r44Use: z.union([z.literal('allowed'), z.strictObject({ notAfter: daySchema })]).optional(),
  })
  .refine((r) => r.untilStatureCm !== undefined || r.untilAgeYears !== undefined || r.untilMassKg !== undefined, {
    path: ['untilStatureCm'],
    message: msg.needsAStatureAnAge,
  })
  .meta({ id: 'LocalRule' })
export type LocalRule = z.infer<typeof localRuleSchema>

export const LOCAL_RULES: readonly LocalRule[] = [
  { id: 'to-135-or-12', name: msg.until135CmOr12, untilStatureCm: 135, untilAgeYears: 12 },
  { id: 'to-150-or-12', name: msg.until150CmOr12, untilStatureCm: 150, untilAgeYears: 12 },
  { id: 'to-150-or-36-kg', name: msg.until150CmOr36, untilStatureCm: 150, untilMassKg: 36 },
]
export const DEFAULT_LOCAL_RULE = LOCAL_RULES[1] as LocalRule

interface LocalBound {
  readonly quantity: 'statureCm' | 'ageMonths' | 'massKg'
  readonly limit: number
}

/** The ends of a local rule; the first that is reached ends the duty. */
export const localEndBounds = oncePer(
  ({ untilStatureCm, untilAgeYears, untilMassKg }: LocalRule): readonly LocalBound[] => [
    ...(untilStatureCm === undefined ? [] : [{ quantity: 'statureCm', limit: untilStatureCm } as const]),
    ...(untilAgeYears === undefined ? [] : [{ quantity: 'ageMonths', limit: untilAgeYears * 12 } as const]),
    ...(untilMassKg === undefined ? [] : [{ quantity: 'massKg', limit: untilMassKg } as const]),
  ],
)
