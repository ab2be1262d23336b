import { idFrom } from './ids.ts'

test.each([
  ['The bay’s own', [], 'the-bay-s-own'],
  ['The bay’s own', ['the-bay-s-own'], 'the-bay-s-own-2'],
  ['Écume & Fils', [], 'ecume-fils'],
  ['…', [], 'new'],
  ['x'.repeat(80), [], 'x'.repeat(50)],
])('%s, %j taken: %s', (name, taken, id) => expect(idFrom(name, taken)).toBe(id))
