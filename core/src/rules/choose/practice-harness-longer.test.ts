import { buildCase, BOOSTER, kindOf, ruleById } from '../../../test/build.ts'
import { fittedSubject, type ModeSubject, type PracticeProfile } from '../../index.ts'

const withAlternatives = (alternatives: ModeSubject['alternatives'], practice: Partial<PracticeProfile> = {}) =>
  ({ ...fittedSubject(buildCase({ mode: BOOSTER, practice }))!, alternatives }) as never
const rule = ruleById('practice-harness-longer')

test.each([
  ['pass', 'fail'],
  ['undecided', 'pass'],
  ['fail', 'pass'],
] as const)('where a harness says %s, a booster is %s by this school', (harnessed, kind) => {
  const subject = withAlternatives({ rearward: 'fail', harnessed })
  expect(rule.applies(subject)).toBe(true)
  expect(rule.evaluate(subject).kind).toBe(kind)
})

test('the school of the legal minimum has no such advice, nor has a harness', () => {
  expect(
    rule.applies(withAlternatives({ rearward: 'pass', harnessed: 'pass' }, { boosterFrom: 'legal-minimum' })),
  ).toBe(false)
  expect(kindOf('practice-harness-longer', buildCase())).toBe('not-applicable')
})
