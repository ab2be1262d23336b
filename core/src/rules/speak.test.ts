import { buildCase } from '../../test/build.ts'
import { evaluateFitted, fittedSubject } from '../index.ts'
import { reasonOf, titleOf } from './speak.ts'

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
