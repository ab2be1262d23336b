import { wordsOf } from './say.ts'

test('words of a shared sentence stand as they are, or are made of what is said', () => {
  expect(wordsOf('the mass', { of: 'the child' })).toBe('the mass')
  expect(wordsOf((d: { of: string }) => `the mass of ${d.of}`, { of: 'the child' })).toBe('the mass of the child')
})
