import { z } from 'zod'
import { caseSchema } from '../casefile/index.ts'
import { catalogueSchema } from './catalogue.ts'

/** The published JSON Schemas, by file name. Generated from the schemas that also validate. */
export function jsonSchemas(): Readonly<Record<string, unknown>> {
  return {
    'case.schema.json': z.toJSONSchema(caseSchema, { target: 'draft-2020-12' }),
    'catalogue.schema.json': z.toJSONSchema(catalogueSchema, { target: 'draft-2020-12' }),
  }
}
