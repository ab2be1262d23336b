import { z } from 'zod'
import { daySchema } from '../ground/index.ts'
import { CASE_VERSION } from '../casefile/index.ts'
import { childSchema } from '../child/index.ts'
import { modelSchema, unitSchema } from '../restraint/index.ts'
import { vehicleSchema } from '../vehicle/index.ts'
import * as msg from './messages.en.ts'

export const CATALOGUE_FORMAT = 'nimble-anchor/catalogue'

/** Cars, restraints, units on the shelf and children, as imported and exported. */
export const catalogueSchema = z
  .strictObject({
    format: z.literal(CATALOGUE_FORMAT),
    version: z.literal(CASE_VERSION),
    /** The day on which ages and dates in it were true; made-up data may be moved from it. */
    asOf: daySchema.optional(),
    vehicles: z.array(vehicleSchema).max(2000).optional(),
    models: z.array(modelSchema).max(2000).optional(),
    units: z.array(unitSchema).max(10000).optional(),
    children: z.array(childSchema).max(10000).optional(),
  })
  .superRefine((catalogue, ctx) => {
    for (const key of ['vehicles', 'models', 'units', 'children'] as const) {
      const seen = new Set<string>()
      catalogue[key]?.forEach(({ id }, i) => {
        if (seen.has(id)) ctx.addIssue({ code: 'custom', path: [key, i, 'id'], message: msg.isUsedTwice(id) })
        seen.add(id)
      })
    }
  })
  .meta({ id: 'Catalogue', title: msg.nimbleAnchorCatalogue })

export type Catalogue = z.infer<typeof catalogueSchema>
