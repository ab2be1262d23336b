import { allOf, worstOf } from './several.ts'
import type { Outcome } from './rule.ts'

const says = (message: string) => ({ rule: 'leg', message, data: {} })
const pass = (message = 'a'): Outcome => ({ kind: 'pass', source: 'maker', says: says(message) }) as never
const fail = (message = 'f'): Outcome => ({ kind: 'fail', source: 'maker', says: says(message) }) as never
const open = (message: string, ...missing: string[]): Outcome => ({ kind: 'undecided', missing, says: says(message) }) as never // prettier-ignore

test('one failure decides, then the first doubt, which names all that is missing', () => {
  expect(allOf([pass(), open('u', 'x'), fail(), fail('g')])).toEqual(fail())
  expect(allOf([pass(), open('u', 'x'), open('v', 'y', 'x')])).toEqual(open('u', 'x', 'y'))
})
test('a pass says what all of them said; alone it says its own', () => {
  expect(allOf([pass('a')])).toEqual(pass('a'))
  expect(allOf([pass('a'), pass('b')])).toEqual({ ...pass('a'), says: expect.objectContaining({ message: 'all', data: { said: [says('a'), says('b')] } }) }) // prettier-ignore
})
test('the worst of several as it stands', () => {
  expect(worstOf([pass(), open('u', 'x'), fail()])).toEqual(fail())
  expect(worstOf([pass(), open('u', 'x'), open('v', 'y')])).toEqual(open('u', 'x'))
  expect(worstOf([pass('a'), pass('b')])).toEqual(pass('a'))
})
test('nothing asked is no pass', () => {
  expect(() => allOf([])).toThrow('A rule that asks for no check cannot pass')
  expect(() => worstOf([])).toThrow('Nothing was asked')
})
