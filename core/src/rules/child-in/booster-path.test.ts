import { Sequence } from '../../ground/index.ts'
import { BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'booster-path',
  check: 'booster-path',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: BOOSTER, readings: { 'booster-twist': { option: 'none', at: Sequence(99) } } }),
  gives: { 'as-listed': 'pass', 'guide-missed': 'fail', unsure: 'undecided' },
  outdatedBy: ['clothes', 'removed', 'child'],
  notAsked: { 'a harness': buildCase() },
})
looks({
  rule: 'booster-path',
  check: 'booster-twist',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: BOOSTER, readings: { 'booster-path': { option: 'as-listed', at: Sequence(99) } } }),
  gives: { none: 'pass', twisted: 'fail', unsure: 'undecided' },
  outdatedBy: ['clothes', 'removed', 'child'],
  passSpeaksOf: 'booster-path',
  notAsked: {},
})
