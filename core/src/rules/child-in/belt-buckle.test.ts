import { BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'belt-buckle',
  check: 'belt-buckle',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: BOOSTER }),
  gives: { held: 'pass', open: 'fail', unsure: 'undecided' },
  outdatedBy: ['clothes', 'removed', 'child'],
  notAsked: { 'a harness': buildCase() },
})
