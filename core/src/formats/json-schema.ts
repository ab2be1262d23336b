import { z } from 'zod'
import { arrangeRequestSchema } from '../arrange/index.ts'
import { caseSchema } from '../casefile/index.ts'
import { catalogueSchema } from './catalogue.ts'

/** The published JSON Schemas, by file name. Generated from the schemas that also validate. */
export function jsonSchemas(): Readonly<Record<string, unknown>> {
  return {
    'case.schema.json': z.toJSONSchema(caseSchema, { target: 'draft-2020-12' }),
    'arrange.schema.json': z.toJSONSchema(arrangeRequestSchema, { target: 'draft-2020-12' }),
    'catalogue.schema.json': z.toJSONSchema(catalogueSchema, { target: 'draft-2020-12' }),
  }
}

/**
 * The same schemas by their own names (`Case`, `Catalogue`, `Vehicle`, …) as
 * OpenAPI 3.1 keeps them, with references among `#/components/schemas`.
 */
export function openApiSchemas(): Readonly<Record<string, object>> {
  const all = Object.values(jsonSchemas()).map((schema) => (schema as { $defs?: Record<string, object> }).$defs ?? {})
  const text = JSON.stringify(Object.assign({}, ...all)).replaceAll('#/$defs/', '#/components/schemas/')
  return JSON.parse(text) as Record<string, object>
}
