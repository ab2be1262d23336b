import { BOOSTER, FORWARD, TETHER_ROUTE, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'strap-pressure',
  check: 'strap-pressure',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  on: buildCase(),
  gives: { comfortable: 'pass', 'digs-in': 'fail', unsure: 'undecided' },
  outdatedBy: [
    'turned',
    'set-round',
    'harness',
    'clothes',
    'removed',
    'carrier',
    'child',
    'insertsIn',
    'strapHeightMm',
  ],
  notAsked: {
    'a shield': buildCase({ mode: { ...FORWARD, heldBy: 'shield' }, route: TETHER_ROUTE }),
    'a booster': buildCase({ mode: BOOSTER }),
  },
})
