import { BadRequestException, type ValidationError } from '@nestjs/common'
import type { Fault } from '@nimble-anchor/core/ground'

/** A 400 that names every faulty field with its limit. */
export class FaultsException extends BadRequestException {
  constructor(message: string, faults: readonly Fault[]) {
    super({ statusCode: 400, message, faults })
  }
}

export function toFaults(errors: readonly ValidationError[], base = '$'): Fault[] {
  return errors.flatMap((error) => {
    const path = /^\d+$/.test(error.property) ? `${base}[${error.property}]` : `${base}.${error.property}`
    const own = Object.values(error.constraints ?? {}).map((message) => ({
      path,
      message: message.includes('should not exist')
        ? 'is not a known field'
        : message.replace(new RegExp(`^(each value in )?${error.property} `), ''),
    }))
    return [...own, ...toFaults(error.children ?? [], path)]
  })
}
