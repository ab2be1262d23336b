import { daySchema } from '@nimble-anchor/core/ground'
import { registerDecorator } from 'class-validator'

export const isDay = (value: unknown): value is string => daySchema.safeParse(value).success

/** A field that is a day of the calendar, YYYY-MM-DD, within the years that documents may name. */
export const IsDay = (): PropertyDecorator => (target, propertyName) =>
  registerDecorator({
    name: 'isDay',
    target: target.constructor,
    propertyName: propertyName as string,
    validator: { validate: isDay, defaultMessage: () => 'must be a day, YYYY-MM-DD, from 1900 to 2100' },
  })
