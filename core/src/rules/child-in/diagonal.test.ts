import { BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'diagonal',
  check: 'diagonal',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: BOOSTER }),
  gives: { middle: 'pass', neck: 'fail', arm: 'fail', unsure: 'undecided' },
  outdatedBy: ['clothes', 'removed', 'child', 'strapHeightMm'],
  notAsked: { 'a harness': buildCase() },
})
