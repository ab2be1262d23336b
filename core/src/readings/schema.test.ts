import { childChangedSchema, readingsSchema, redoneSchema, settingsSchema } from './schema.ts'

const faultsOf = (parsed: {
  readonly error?:
    { readonly issues: readonly { readonly path: readonly PropertyKey[]; readonly message: string }[] } | undefined
}) => parsed.error?.issues.map((i) => [i.path.join('.'), i.message])
const reading = (of: object) => readingsSchema.safeParse({ 'latch-left': { at: 1, ...of } })
const set = (of: object) => settingsSchema.safeParse(of)

test.each([
  ['legNotch', [1, 60], [0, 61, 1.5]],
  ['strapHeightMm', [50, 900], [49.9, 900.1]],
  ['frontSeatGapMm', [0, 2000], [-0.1, 2000.1]],
  ['slideMm', [0, 300], [-0.1, 300.1]],
])('%s takes %j and not %j', (id, good, bad) => {
  for (const value of good) expect(set({ [id]: { value, at: 1 } }).success).toBe(true)
  for (const value of bad) expect(faultsOf(set({ [id]: { value, at: 1 } }))?.[0]?.[0]).toBe(`${id}.value`)
  for (const was of bad) expect(faultsOf(set({ [id]: { value: good[0], was, at: 1 } }))?.[0]?.[0]).toBe(`${id}.was`)
})

test('what was sensed is any of seen, heard and felt', () => {
  expect(reading({ option: 'latched', sensed: ['seen', 'heard', 'felt'] }).success).toBe(true)
  expect(reading({ option: 'latched', sensed: [] }).success).toBe(true)
  for (const sensed of [['smelt'], [''], ['seen', 'seen', 'seen', 'seen']])
    expect(reading({ option: 'latched', sensed }).success).toBe(false)
})

test('a look says what it showed, or what it showed before; one that says neither is refused, by field', () => {
  expect(reading({ option: 'latched' }).success).toBe(true)
  expect(reading({ before: 'latched' }).success).toBe(true)
  expect(reading({ option: 'latched', before: 'latched' }).success).toBe(true)
  expect(faultsOf(reading({ sensed: ['seen'] }))).toEqual([['latch-left.option', expect.stringMatching(/option/)]])
  expect(faultsOf(reading({ option: 'nonsense' }))?.[0]?.[0]).toBe('latch-left.option')
})

test('what was done over says from when and when, at most 500 times a check; a changed measure says when', () => {
  const redone = (of: unknown) => redoneSchema.safeParse({ 'latch-left': of })
  const once = { from: 1, at: 3 }
  for (const good of [[], [once], Array.from({ length: 500 }, () => once)]) expect(redone(good).success).toBe(true)
  for (const [bad, where] of [
    [Array.from({ length: 501 }, () => once), 'latch-left'],
    [[{ at: 3 }], 'latch-left.0.from'],
    [[{ from: 1 }], 'latch-left.0.at'],
    [[{ ...once, why: 'x' }], 'latch-left.0'],
  ] as const)
    expect(faultsOf(redone(bad))?.[0]?.[0]).toBe(where)
  expect(childChangedSchema.safeParse({ massKg: { at: 3 } }).success).toBe(true)
  expect(faultsOf(childChangedSchema.safeParse({ massKg: {} }))?.[0]?.[0]).toBe('massKg.at')
  expect(faultsOf(childChangedSchema.safeParse({ massKg: { at: 3, by: 'x' } }))?.[0]?.[0]).toBe('massKg')
})
