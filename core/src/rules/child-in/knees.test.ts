import { Sequence } from '../../ground/index.ts'
import { ask, BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'knees',
  check: 'knees',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  on: buildCase({ mode: BOOSTER }),
  gives: { bend: 'pass', short: 'fail', unsure: 'undecided' },
  outdatedBy: ['clothes', 'removed', 'child'],
  notAsked: { 'a harness': buildCase() },
})

test.each([
  ['must-bend', 'short', 'fail', 'fix'],
  ['advised', 'short', 'fail', 'advise'],
  ['advised', 'bend', 'pass', 'fix'],
  ['advised', 'unsure', 'undecided', 'fix'],
] as const)('the school “%s”, seen %s: %s, %s', (knees, option, kind, severity) => {
  const c = buildCase({ mode: BOOSTER, practice: { knees }, readings: { knees: { option, at: Sequence(9) } } })
  expect(ask('knees', c)).toMatchObject({ kind, severity })
})
