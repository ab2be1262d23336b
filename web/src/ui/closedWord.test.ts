import { closedWord } from './closedWord.ts'

test.each([
  ['ready', 'Handed over'],
  ['undecided', 'Left: undecided'],
  ['not-ready', 'Left: not ready'],
  ['not-permitted', 'Left: not permitted'],
] as const)('closed and %s is called “%s”', (verdict, word) => expect(closedWord({ verdict })).toBe(word))
