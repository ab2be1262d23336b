import { RETIRED_RULES, RULES, standingRuleId } from '../index.ts'

const ids = new Set(RULES.map((r) => r.id))

test.each(Object.entries(RETIRED_RULES))('%s is gone, and %s stands for it', (old, now) => {
  expect([ids.has(old), ids.has(now), standingRuleId(old)]).toEqual([false, true, now])
})
test('none that was ever stored is forgotten', () => {
  expect(Object.keys(RETIRED_RULES)).toEqual(expect.arrayContaining(['base-gap', 'posture-specialist', 'preterm-care']))
})
test('a rule of the book stands for itself, and so does an id that nobody knows', () => {
  for (const id of [...ids, 'from-a-later-version']) expect(standingRuleId(id)).toBe(id)
})
