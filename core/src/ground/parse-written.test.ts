import fc from 'fast-check'
import { z } from 'zod'
import { parseWith, parseWritten } from './index.ts'

const reading = z.strictObject({ option: z.enum(['held', 'moved']), at: z.int().min(1) })
const record = z.strictObject({
  left: reading.optional(),
  right: reading.optional(),
  note: z.string().max(5).optional(),
  at: z.int(),
})
const refined = z.strictObject({ from: z.int(), to: z.int() }).refine((r) => r.from <= r.to, { message: 'must run on' })

const anyReading = fc.oneof(
  { weight: 3, arbitrary: fc.record({ option: fc.constantFrom('held', 'moved'), at: fc.integer({ min: 1, max: 9 }) }) },
  fc.record({ option: fc.constantFrom('held', 'lost'), at: fc.integer({ min: 0, max: 2 }) }),
  fc.constantFrom<unknown>(undefined, null, 3, { option: 'held', at: 1, more: true }),
)
const written = fc.record(
  { left: anyReading, right: anyReading, note: fc.string({ maxLength: 7 }), at: fc.oneof(fc.integer(), fc.string()), odd: fc.boolean() }, // prettier-ignore
  { requiredKeys: [] },
)

test('whatever is written, the same as the whole schema says: value, order of fields, faults', () => {
  fc.assert(
    fc.property(written, fc.array(fc.constantFrom('left', 'right', 'note', 'at'), { maxLength: 3 }), (over, taken) => {
      const before = { left: { option: 'held', at: 1 }, right: { option: 'moved', at: 2 }, note: 'so', at: 4 }
      const data: Record<string, unknown> = { ...before, ...over }
      for (const key of taken) delete data[key]
      const whole = parseWith(record, data)
      const told = parseWritten(record, before, data)
      expect(told).toEqual(whole)
      expect(JSON.stringify(told)).toBe(JSON.stringify(whole))
      expect(parseWritten(record.optional(), before, data)).toEqual(whole)
    }),
    { numRuns: 300 },
  )
})
test('what was not written stays the very object it was', () => {
  const before = { left: { option: 'held', at: 1 } as const, at: 1 }
  const told = parseWritten(record, before, { ...before, right: { option: 'held', at: 2 } })
  expect(told.ok && told.value.left).toBe(before.left)
})
test('a schema with a word about the whole is asked whole; so is what was or is no record', () => {
  expect(parseWritten(refined, { from: 1, to: 5 }, { from: 7, to: 5 })).toEqual(parseWith(refined, { from: 7, to: 5 }))
  for (const data of [undefined, null, 4, [], 'x']) {
    expect(parseWritten(record, { at: 1 }, data)).toEqual(parseWith(record, data))
    expect(parseWritten(record, data, { at: 1 })).toEqual(parseWith(record, { at: 1 }))
  }
  expect(parseWritten(z.array(z.int()), [1], [1, 'x'])).toEqual(parseWith(z.array(z.int()), [1, 'x']))
})
