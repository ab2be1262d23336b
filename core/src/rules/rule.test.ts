import { RULE_STAGES, RULES } from '../index.ts'
import { missingIn, outcomeOf } from './rule.ts'

const says = { message: 'seen', data: undefined }

test('what is missing counts only where it is undecided', () => {
  const of = (kind: 'pass' | 'fail' | 'undecided') => outcomeOf(kind, ['child.massKg'], { says, limit: 9 })
  expect(of('undecided')).toEqual({ kind: 'undecided', says, limit: 9, missing: ['child.massKg'] })
  expect(of('pass')).toEqual({ kind: 'pass', says, limit: 9 })
  expect(of('fail')).toEqual({ kind: 'fail', says, limit: 9 })
  expect([of('undecided'), of('pass'), of('fail')].map(missingIn)).toEqual([['child.massKg'], [], []])
})
test('rules speak at five stages, in the order of the work, and at no other', () => {
  expect(RULE_STAGES).toEqual(['choose', 'place', 'set-up', 'attach', 'child-in'])
  expect(new Set(RULES.map((r) => r.stage))).toEqual(new Set(RULE_STAGES))
})
