import { ValidateIf } from 'class-validator'

/** A field that may be left out. Given as null it is judged like any other value: null is a thing said, not a thing left out. */
export const Optional = (): PropertyDecorator => ValidateIf((_, value) => value !== undefined)
