import { BOOSTER, FORWARD, TETHER_ROUTE, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'harness-buckle',
  check: 'harness-buckle',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase(),
  gives: { held: 'pass', open: 'fail', unsure: 'undecided' },
  outdatedBy: ['turned', 'set-round', 'harness', 'clothes', 'removed', 'carrier', 'child'],
  notAsked: {
    'a shield': buildCase({ mode: { ...FORWARD, heldBy: 'shield' }, route: TETHER_ROUTE }),
    'a booster': buildCase({ mode: BOOSTER }),
  },
})
