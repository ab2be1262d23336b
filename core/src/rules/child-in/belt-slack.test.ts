import { BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'belt-slack',
  check: 'belt-slack',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: BOOSTER }),
  gives: { none: 'pass', slack: 'fail', unsure: 'undecided' },
  outdatedBy: ['clothes', 'removed', 'child'],
  notAsked: { 'a harness': buildCase() },
})
