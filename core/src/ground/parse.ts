import { z } from 'zod'
import { err } from './result.ts'
import { ok } from './result.ts'
import { type Result } from './result.ts'
import { oncePer } from './once.ts'
import * as msg from './messages.en.ts'

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
  end: 'atLeast' | 'atMost',
  limit: number | bigint,
): string {
  if (origin === 'number' || origin === 'int')
    return /^Too (big|small)/.test(message) ? msg.mustBeOfSize[end](Number(limit)) : message
  return msg.mustHold[end](Number(limit), origin === 'string' ? 'characters' : 'items')
}

function toFaults(issue: z.core.$ZodIssue): Fault[] {
  const path = jsonPath(issue.path)
  switch (issue.code) {
    case 'unrecognized_keys':
      return issue.keys.map((key) => ({ path: jsonPath([...issue.path, key]), message: msg.isNotAKnownField }))
    case 'invalid_type': {
      // A schema's own words say the limits; the library's only name a type.
      const isOwnWords = !/^Invalid input/.test(issue.message)
      const isMissing = /received undefined/.test(issue.message)
      return [
        {
          path,
          message: isOwnWords
            ? issue.message
            : (isMissing ? msg.isMissing : msg.mustBe)(EXPECTED[issue.expected] ?? issue.expected),
        },
      ]
    }
    case 'invalid_value':
      return [{ path, message: msg.mustBeOneOf(issue.values.map((v) => JSON.stringify(v)).join(', ')) }]
    case 'too_big':
      return [{ path, message: sizeMessage(issue, 'atMost', issue.maximum) }]
    case 'too_small':
      return [{ path, message: sizeMessage(issue, 'atLeast', issue.minimum) }]
    case 'invalid_format':
      return [{ path, message: issue.format === 'date' ? msg.mustBeADayAs : issue.message }]
    default:
      return [{ path, message: issue.message }]
  }
}

/** What a field must be, for whoever reads it on a screen or in an answer. */
const EXPECTED: Readonly<Record<string, string>> = {
  string: 'text',
  number: msg.aNumber,
  int: msg.aWholeNumber,
  boolean: msg.trueOrFalse,
  array: msg.aList,
  object: msg.anObject,
  record: msg.anObject,
  date: msg.aDay,
}

/** Parses unknown data by a schema; every fault comes back with its JSON path. */
export function parseWith<T>(schema: z.ZodType<T>, data: unknown): Result<T, readonly Fault[]> {
  const result = schema.safeParse(data)
  return result.success ? ok(result.data) : err(result.error.issues.flatMap(toFaults))
}

const isRecord = (x: unknown): x is Readonly<Record<string, unknown>> =>
  typeof x === 'object' && x !== null && !Array.isArray(x)

/**
 * The same of a record that was valid before some of its fields were written:
 * only those are parsed, the others stay the very objects they were. A fitting
 * has dozens of readings, and an entry writes one of them.
 */
export function parseWritten<T>(schema: z.ZodType<T>, before: unknown, data: unknown): Result<T, readonly Fault[]> {
  const own: unknown = schema instanceof z.ZodOptional ? schema.unwrap() : schema
  const isPlain = own instanceof z.ZodObject && (own.def.checks?.length ?? 0) === 0
  if (!isPlain || !isRecord(before) || !isRecord(data)) return parseWith(schema, data)
  const next: Record<string, unknown> = {}
  let taken = 0
  for (const [key, field] of Object.entries(own.shape as Readonly<Record<string, z.ZodType>>)) {
    if (!Object.hasOwn(data, key)) continue
    taken += 1
    const value = data[key]
    if (value !== undefined && value === before[key]) {
      next[key] = value
      continue
    }
    const parsed = field.safeParse(value)
    // Whatever does not hold is told by the whole schema, in its own order and words.
    if (!parsed.success) return parseWith(schema, data)
    next[key] = parsed.data
  }
  // A field too many, or one too few, likewise.
  const isWhole = taken === Object.keys(data).length && requiredOf(own).every((key) => next[key] !== undefined)
  return isWhole ? ok(next as T) : parseWith(schema, data)
}
const requiredOf = oncePer((schema: z.ZodObject): readonly string[] =>
  Object.entries(schema.shape as Readonly<Record<string, z.ZodType>>)
    .filter(([, field]) => !field.safeParse(undefined).success)
    .map(([key]) => key),
)

export const faultText = (fault: Fault): string => `${fault.path} ${fault.message}`
