import { BOOSTER, buildCase, FORWARD, kindOf, ruleById } from '../../../test/build.ts'
import { fittedSubject, type Mode, type ModeSubject, type PracticeProfile } from '../../index.ts'

const withAlternatives = (
  alternatives: ModeSubject['alternatives'],
  practice: Partial<PracticeProfile> = {},
  mode: Partial<Mode> = FORWARD,
) => ({ ...fittedSubject(buildCase({ mode, practice }))!, alternatives }) as never
const rule = ruleById('practice-rearward-longer')

test.each([
  ['pass', 'fail'],
  ['undecided', 'pass'],
  ['fail', 'pass'],
] as const)('where a rearward mode says %s, forward is %s by this school', (rearward, kind) => {
  const subject = withAlternatives({ rearward, harnessed: 'pass' })
  expect(rule.applies(subject)).toBe(true)
  expect(rule.evaluate(subject).kind).toBe(kind)
})

test('the school of the legal minimum has no such advice, nor has a rearward mode', () => {
  expect(
    rule.applies(withAlternatives({ rearward: 'pass', harnessed: 'pass' }, { turningForward: 'legal-minimum' })),
  ).toBe(false)
  const both = { rearward: 'pass', harnessed: 'pass' } as const
  expect(rule.applies(withAlternatives(both, {}, {}))).toBe(false)
  expect(rule.applies(withAlternatives(both, {}, BOOSTER))).toBe(false)
  expect(rule.applies(withAlternatives(undefined))).toBe(false)
  expect(kindOf('practice-rearward-longer', buildCase())).toBe('not-applicable')
})
