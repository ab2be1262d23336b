import { buildCase } from '../../test/build.ts'
import { evaluateFitted, fittedSubject } from '../index.ts'
import { reasonOf, remedyOf, titleOf, toFinding } from './speak.ts'
import { EN } from './texts.en.ts'

test('what has no words says which rule and which message', () => {
  expect(() => titleOf({ id: 'no-such-rule' })).toThrow('There is no text of the rule "no-such-rule"')
  const says = { rule: 'leg-notch', message: 'no-such-message', data: {} }
  expect(() => reasonOf({ kind: 'pass', source: 'maker', says } as never)).toThrow('The rule "leg-notch" has no message "no-such-message"') // prettier-ignore
  expect(() => reasonOf({ kind: 'pass', source: 'maker', says: { message: 'x', data: {} } } as never)).toThrow('There is no text of the rule ""') // prettier-ignore
})
test('every outcome of a fitting can be said, and a refusal or a doubt says what helps', () => {
  const findings = evaluateFitted(fittedSubject(buildCase())!)
  expect(findings.length).toBeGreaterThan(30)
  for (const { outcome } of findings) expect(reasonOf(outcome)).toMatch(/\S/)
})

test('where a rule has no remedy of its own, the check that spoke has: by putting right what it looks at', () => {
  const own = { title: 'X', standsOn: 'Y', says: { wrong: { reason: () => 'It is wrong.' }, right: { reason: () => 'So.', remedy: () => 'Do it.' } } } // prettier-ignore
  const texts = { ...EN, own } as never
  const remedy = (message: string, over: object = {}) => remedyOf({ kind: 'fail', source: 'maker', says: { rule: 'own', message, data: undefined }, ...over } as never, texts) // prettier-ignore
  expect(remedy('wrong')).toBeUndefined()
  expect(remedy('wrong', { check: 'latch-left' })).toMatch(/\S/)
  expect(remedy('wrong', { check: 'latch-left' })).not.toBe(remedy('wrong', { check: 'coat' }))
  expect(remedy('right', { check: 'latch-left' })).toBe('Do it.')
  expect(remedy('right', { kind: 'pass' })).toBeUndefined()
})

test('a finding holds what its outcome holds, and nothing beside it', () => {
  const own = { title: 'X', standsOn: 'Y', says: { wrong: { reason: () => 'It is wrong.', remedy: () => 'Do it.' } } }
  const rule = { id: 'own', stage: 'attach', severity: 'fix', source: 'maker' }
  const says = { rule: 'own', message: 'wrong', data: undefined }
  const of = (outcome: object) => ({ ...toFinding({ rule, outcome: { says, ...outcome } } as never, { ...EN, own } as never) }) // prettier-ignore
  const always = { ruleId: 'own', title: 'X', stage: 'attach', standsOn: 'Y', reason: 'It is wrong.' }
  expect(of({ kind: 'pass' })).toStrictEqual({ ...always, kind: 'pass', severity: 'fix', source: 'maker' })
  const figures = { measured: { lo: 1, hi: 2 }, limit: 3, range: { from: 1, to: 5 }, wording: 'at-most', margin: -1, unit: 'mm', check: 'latch-left' } // prettier-ignore
  const asked = { kind: 'undecided', missing: ['child.massKg'], severity: 'stop', source: 'vehicle' }
  expect(of({ ...figures, ...asked })).toStrictEqual({ ...always, ...figures, ...asked, remedy: 'Do it.' })
  // What is missing to something that is decided is no finding.
  expect(of({ kind: 'fail', missing: ['child.massKg'] })).toStrictEqual({ ...always, kind: 'fail', severity: 'fix', source: 'maker', remedy: 'Do it.' }) // prettier-ignore
})
