import { z } from 'zod'
import { err } from './result.ts'
import { ok } from './result.ts'
import { type Result } from './result.ts'

/** One thing wrong with a document: where, as a JSON path, and which limit it breaks. */
export interface Fault {
  readonly path: string
  readonly message: string
}

/** A path into a document as faults name it: `$.child.massKg`. */
export function jsonPath(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, key) =>
      typeof key === 'number'
        ? `${text}[${key}]`
        : /^[A-Za-z_]\w*$/.test(String(key))
          ? `${text}.${String(key)}`
          : `${text}["${String(key)}"]`,
    '$',
  )
}

/** A figure is held to its limit, a text or list to its length; a schema's own words say more than the library's. */
function sizeMessage(
  { origin, message }: { readonly origin: string; readonly message: string },
  wording: 'at least' | 'at most',
  limit: number | bigint,
): string {
  if (origin === 'number' || origin === 'int')
    return /^Too (big|small)/.test(message) ? `must be ${wording} ${limit}` : message
  const many = Number(limit) === 1 ? '' : 's'
  return `must hold ${wording} ${limit} ${origin === 'string' ? 'character' : 'item'}${many}`
}

function toFaults(issue: z.core.$ZodIssue): Fault[] {
  const path = jsonPath(issue.path)
  switch (issue.code) {
    case 'unrecognized_keys':
      return issue.keys.map((key) => ({ path: jsonPath([...issue.path, key]), message: 'is not a known field' }))
    case 'invalid_type': {
      // A schema's own words say the limits; the library's only name a type.
      const isOwnWords = !issue.message.startsWith('Invalid input')
      const isMissing = /received undefined/.test(issue.message)
      return [
        {
          path,
          message: isOwnWords
            ? issue.message
            : `${isMissing ? 'is missing; ' : ''}must be ${EXPECTED[issue.expected] ?? issue.expected}`,
        },
      ]
    }
    case 'invalid_value':
      return [{ path, message: `must be one of ${issue.values.map((v) => JSON.stringify(v)).join(', ')}` }]
    case 'too_big':
      return [{ path, message: sizeMessage(issue, 'at most', issue.maximum) }]
    case 'too_small':
      return [{ path, message: sizeMessage(issue, 'at least', issue.minimum) }]
    case 'invalid_format':
      return [{ path, message: issue.format === 'date' ? 'must be a day as YYYY-MM-DD' : issue.message }]
    default:
      return [{ path, message: issue.message }]
  }
}

/** What a field must be, for whoever reads it on a screen or in an answer. */
const EXPECTED: Readonly<Record<string, string>> = {
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  object: 'an object',
  record: 'an object',
  date: 'a day',
}

/** Parses unknown data by a schema; every fault comes back with its JSON path. */
export function parseWith<T>(schema: z.ZodType<T>, data: unknown): Result<T, readonly Fault[]> {
  const result = schema.safeParse(data)
  return result.success ? ok(result.data) : err(result.error.issues.flatMap(toFaults))
}

export const faultText = (fault: Fault): string => `${fault.path} ${fault.message}`
