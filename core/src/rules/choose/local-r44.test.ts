import { IsoDate } from '../../ground/index.ts'
import { ask, buildCase, buildStatedMode, byMass, judged, withEverythingGood } from '../../../test/build.ts'
import { assess, DEFAULT_LOCAL_RULE, localRuleSchema, type LocalRule } from '../../index.ts'

const at = (r44Use: LocalRule['r44Use']) =>
  buildCase({
    mode: byMass(['I'], { direction: 'forward' }),
    localRule: { ...DEFAULT_LOCAL_RULE, ...(r44Use && { r44Use }) },
  })

test.each([
  ['not known', undefined, { kind: 'undecided', severity: 'advise', missing: ['localRule.r44Use'] }],
  ['allowed', 'allowed', { kind: 'pass' }],
  ['to a day to come', { notAfter: IsoDate('2026-11-26') }, { kind: 'pass', margin: 1, limit: 0, unit: 'days' }],
  ['to this day, which still counts', { notAfter: IsoDate('2026-11-25') }, { kind: 'pass', margin: 0 }],
  ['to the day before', { notAfter: IsoDate('2026-11-24') }, { kind: 'fail', margin: -1 }],
] as const)('UN R44, %s', (_, r44Use, expected) => {
  expect(ask('local-r44', at(r44Use))).toMatchObject(expected)
})
test('says nothing of UN R129', () => {
  expect(judged('local-r44', buildCase())).toEqual({ kind: 'not-applicable' })
  expect(buildStatedMode().approval.regulation).toBe('R129')
})
test('past its day nothing of it is ready; not known holds nobody up, and is said', () => {
  const over = assess(withEverythingGood(at({ notAfter: IsoDate('2026-11-24') })))
  expect(over.findings.find((f) => f.ruleId === 'local-r44')).toMatchObject({ kind: 'fail', severity: 'stop' })
  expect(over.verdict).toBe('not-permitted')
  const unknown = assess(withEverythingGood(at(undefined)))
  expect(unknown.findings.find((f) => f.ruleId === 'local-r44')).toMatchObject({ kind: 'undecided' })
})
test.each([
  ['allowed', true],
  [{ notAfter: IsoDate('2027-01-01') }, true],
  [{ notAfter: '2027-13-01' }, false],
  ['forbidden', false],
])('%j is a word of a local rule: %s', (r44Use, isOne) => {
  expect(localRuleSchema.safeParse({ ...DEFAULT_LOCAL_RULE, r44Use }).success).toBe(isOne)
})
