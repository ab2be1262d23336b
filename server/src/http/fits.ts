import { parseWith } from '@nimble-anchor/core/ground'
import { ValidateBy } from 'class-validator'

type Schema = Parameters<typeof parseWith>[0]

/**
 * A field that one of core's schemas judges: what it may be stands once, there,
 * and the door says it of the field. Only for schemas of one value: what lies
 * inside a document has paths of its own.
 *
 * @param message what it must be, where the schema's own words do not say enough
 */
export const Fits = (schema: Schema, message?: string): PropertyDecorator => {
  const faultOf = (value: unknown): string | undefined => {
    const parsed = parseWith(schema, value)
    return parsed.ok ? undefined : (message ?? parsed.error[0]?.message ?? 'is not valid')
  }
  return ValidateBy({
    name: 'fits',
    validator: {
      validate: (value: unknown) => faultOf(value) === undefined,
      defaultMessage: (args) => faultOf(args?.value) ?? 'is not valid',
    },
  })
}
