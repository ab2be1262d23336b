import fc from 'fast-check'
import { fingerprint } from './fingerprint.ts'

test('the order of fields is nothing; a value, its kind, and the order of a list are something', () => {
  expect(fingerprint({ a: 1, b: { c: 2, d: 3 } })).toBe(fingerprint({ b: { d: 3, c: 2 }, a: 1 }))
  expect(fingerprint({ a: 1, b: undefined })).toBe(fingerprint({ a: 1 }))
  const all = [{ a: 1 }, { a: '1' }, { a: 2 }, { b: 1 }, [1, 2], [2, 1], [[1], 2], null, '', 0, false, {}, []]
  expect(new Set(all.map(fingerprint)).size).toBe(all.length)
})
test('a document that went through a file has the same one', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (x) => expect(fingerprint(JSON.parse(JSON.stringify(x)))).toBe(fingerprint(x))),
    { seed: 15, numRuns: 200 },
  )
})
test('fourteen digits, also where the number is small', () => {
  for (const x of [0, 1, 'a', {}]) expect(fingerprint(x)).toMatch(/^[0-9a-f]{14}$/)
})
