import { BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'belt-runs',
  check: 'belt-runs',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: BOOSTER }),
  gives: { free: 'pass', ratchets: 'fail', unsure: 'undecided' },
  outdatedBy: ['clothes', 'removed', 'child'],
  notAsked: { 'a harness': buildCase() },
})
