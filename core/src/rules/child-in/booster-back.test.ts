import { BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'booster-back',
  check: 'booster-back',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: BOOSTER }),
  gives: { against: 'pass', away: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'clothes', 'removed', 'child', 'vehicleHeadRestraint', 'slideMm'],
  notAsked: { 'a harness': buildCase() },
})
