import { Sequence } from '../ground/index.ts'
import { buildCase, withEverythingGood } from '../../test/build.ts'
import { assess, measured, RULES } from '../index.ts'
import { WHY_EN } from './why.en.ts'
import { pullOf, whyOf } from './why.ts'

test.each([
  // 9 kg at 25 g is 2.2 kN, about the weight of 225 kg.
  [9, 2.2, 225],
  [18, 4.4, 450],
])('%s kg pulls with %s kN, like %s kg', (kg, kN, asKg) => expect(pullOf(kg)).toEqual({ kN, asKg }))

test('every reason belongs to a rule of the book, and says something with and without numbers', () => {
  const ids = new Set(RULES.map((r) => r.id))
  const known = buildCase({ child: { massKg: measured(10.4) } })
  const unknown = buildCase({ child: { massKg: undefined } })
  for (const id of Object.keys(WHY_EN)) {
    expect([id, ids.has(id)]).toEqual([id, true])
    for (const c of [known, unknown]) expect(whyOf(id, c)).toMatch(/^[A-Z].{20,220}\.$/)
    expect(whyOf(id, unknown)).not.toMatch(/undefined|NaN/)
  }
})
test('what does not hold says why, with this child’s numbers; what holds does not', () => {
  const good = withEverythingGood(buildCase({ child: { massKg: measured(9) } }))
  const loose = { ...good, readings: { ...good.readings, 'slack-mm': { number: measured(30), at: Sequence(9) } } }
  const found = assess(loose).findings
  expect(found.find((f) => f.ruleId === 'harness-slack')?.why).toBe(
    'In a crash 9 kg pulls with 2.2 kN, like 225 kg lifted: each finger of slack is a way to gather speed in.',
  )
  expect(found.filter((f) => f.kind === 'pass' && f.why !== undefined)).toEqual([])
})

test('child and restraint pull together', () => {
  const c = buildCase({ child: { massKg: measured(10) }, model: { massKg: 14 } })
  expect(whyOf('isofix-mass-sum', c)).toContain('5.9 kN')
})
