import { Sequence } from '../../ground/index.ts'
import { ask, buildCase, judged } from '../../../test/build.ts'
import { reasonOf } from '../speak.ts'

const identity = (over: object) => ({ ...buildCase(), identity: { field: 'dateOfBirth' as const, was: '2025-07-10', at: Sequence(5), ...over } }) // prettier-ignore
test('a changed day of birth without an answer: open, and asked', () => {
  expect(ask('same-child', identity({}))).toMatchObject({ kind: 'undecided', missing: ['child.identity'] })
})
test.each(['corrected', 'another'])('answered “%s”, it is settled', (answer) => {
  expect(ask('same-child', identity({ answer }))).toMatchObject({ kind: 'pass' })
})
test.each([
  ['2025-07-10', 'The date of birth was 10 Jul 2025 and was changed: corrected, or another child?'],
  ['before the war', 'The date of birth was before the war and was changed: corrected, or another child?'],
])('what it was, %j, stands in the sentence', (was, words) => {
  expect(reasonOf(ask('same-child', identity({ was })))).toBe(words)
})
test('nothing to say where nothing was changed', () => {
  expect(judged('same-child', buildCase())).toEqual({ kind: 'not-applicable' })
})
