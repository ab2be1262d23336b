import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { z } from 'zod'
import { modelSchema, unitSchema, vehicleSchema } from '../src/index.ts'

/**
 * A field that nothing reads looks like knowledge and is none. Every field of
 * cars, restraints and units is read by a rule, a step, a drawing, a job or a
 * sum, or stands here with what it waits for.
 */
const WAITING: Readonly<Record<string, string>> = {}
/** Kept for people: shown, listed, searched, never judged by. */
const FOR_PEOPLE: readonly string[] = [
  'note',
  'plate',
  'builtFrom',
  'builtTo',
  'shelf',
  'placeNumber',
  'maker',
  'name',
  'serial',
  'tags',
  'aboutAgeMonths',
]

type Schema = z.ZodType & { readonly def?: { readonly type?: string } }
const defOf = (schema: Schema) => (schema as unknown as { def: Record<string, unknown> }).def

/** Names of all fields inside a schema, through optionals, lists and unions. */
function fieldsIn(schema: Schema, found = new Set<string>()): ReadonlySet<string> {
  const def = defOf(schema)
  switch (def.type) {
    case 'object':
      for (const [name, inner] of Object.entries(def.shape as Record<string, Schema>)) {
        found.add(name)
        fieldsIn(inner, found)
      }
      break
    case 'optional':
    case 'nullable':
    case 'readonly':
      fieldsIn(def.innerType as Schema, found)
      break
    case 'array':
      fieldsIn(def.element as Schema, found)
      break
    case 'union':
      for (const option of def.options as Schema[]) fieldsIn(option, found)
      break
  }
  return found
}

const SRC = join(__dirname, '../src')
/** Where fields are read: not the schemas that declare them, not lints alone, not tests. */
const READERS = [
  'rules',
  'fit',
  'procedure',
  'arrange',
  'bench',
  'match',
  'ahead',
  'aftercare',
  'casefile',
  'verdict',
  'restraint',
  'vehicle',
  'quantities',
]
const DECLARING = /\/(restraint|parts|vehicle|lint|upgrade)\.ts$/
const sources = READERS.flatMap((folder) =>
  readdirSync(join(SRC, folder), { recursive: true, encoding: 'utf8' })
    .filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts'))
    .map((f) => join(SRC, folder, f))
    .filter((f) => !DECLARING.test(f)),
)
const text = sources.map((f) => readFileSync(f, 'utf8')).join('\n')
/** `.field`, `{ field }` or `field:` in a destructuring, or `'field'` where a table names it. */
const isRead = (field: string): boolean =>
  new RegExp(`[.?]${field}\\b|[{,]\\s*${field}\\b\\s*[,}=:]|'(?:[a-zA-Z.]*\\.)?${field}'`).test(text)

const FIELDS = [
  ...new Set([modelSchema, unitSchema, vehicleSchema].flatMap((s) => [...fieldsIn(s as unknown as Schema)])),
]

test('the sweep sees the fields that it should', () => {
  expect(FIELDS.length).toBeGreaterThan(100)
  expect(FIELDS).toEqual(
    expect.arrayContaining(['forwardGuard', 'buckleStalk', 'matRemovable', 'gauge', 'crotchBeltGuide']),
  )
  expect(isRead('noSuchFieldAnywhere')).toBe(false)
})

test.each(FIELDS.filter((f) => !FOR_PEOPLE.includes(f)))('%s is read, or waits for what it is for', (field) => {
  if (field in WAITING) expect(isRead(field)).toBe(false)
  else expect([field, isRead(field)]).toEqual([field, true])
})
