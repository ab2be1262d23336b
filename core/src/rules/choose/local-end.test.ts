import { IsoDate } from '../../ground/index.ts'
import { told } from '../../../test/told.ts'
import { ask, buildCase, kindOf, ruleById } from '../../../test/build.ts'
import { measured, LOCAL_RULES, matchModes } from '../../index.ts'

const rule = LOCAL_RULES[2]!

test.each([
  [149.9, 35.9, 'pass'],
  [150, 30, 'fail'],
  [140, 36, 'fail'],
])('until 150 cm or 36 kg, at %s cm and %s kg: %s', (cm, kg, kind) => {
  const child = { statureCm: measured(cm), massKg: measured(kg) }
  expect(kindOf('local-end', buildCase({ localRule: rule, child }))).toBe(kind)
})

test.each([
  ['2014-11-25', 'fail'],
  ['2014-11-26', 'pass'],
])('until 12 years, born on %s: %s', (dateOfBirth, kind) => {
  expect(
    kindOf('local-end', buildCase({ child: { dateOfBirth: IsoDate(dateOfBirth), statureCm: measured(140) } })),
  ).toBe(kind)
})

test('law speaks, and it is no advice against a restraint; what is open is asked', () => {
  const past = buildCase({ localRule: rule, child: { statureCm: measured(151), massKg: measured(30) } })
  expect(ask('local-end', past)).toMatchObject({ kind: 'fail' })
  expect(ruleById('local-end')).toMatchObject({ source: 'regulation', severity: 'advise' })
  expect(matchModes(past, [{ model: past.restraints[0]! }])[0]?.isAdvisedAgainst).toBe(false)
  const open = buildCase({ localRule: rule, child: { statureCm: undefined, massKg: measured(30) } })
  expect(ask('local-end', open)).toMatchObject({ kind: 'undecided', missing: ['child.statureCm'] })
})

test('a rule that ends nowhere is not asked', () => {
  const { id, name } = rule
  expect(kindOf('local-end', buildCase({ localRule: { id, name } as typeof rule }))).toBe('not-applicable')
})

const { untilMassKg: _, ...byStature } = rule
test.each<[string, typeof rule, string]>([
  [
    'the mass is named where the rule goes by it',
    rule,
    'pass, advise by regulation | The local rule “Until 150 cm or 36 kg” still asks for a restraint: 140 cm, 30 kg, 16 months.',
  ],
  [
    'and is not where it does not',
    byStature,
    'pass, advise by regulation | The local rule “Until 150 cm or 36 kg” still asks for a restraint: 140 cm, 16 months.',
  ],
])('%s', (_, localRule, said) => {
  const child = { statureCm: measured(140), massKg: measured(30) }
  expect(told('local-end', buildCase({ localRule, child }))).toBe(said)
})
