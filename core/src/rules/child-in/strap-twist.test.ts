import { BOOSTER, FORWARD, TETHER_ROUTE, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'strap-twist',
  check: 'strap-twist',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase(),
  gives: { none: 'pass', twisted: 'fail', unsure: 'undecided' },
  outdatedBy: ['turned', 'set-round', 'harness', 'clothes', 'removed', 'carrier', 'child'],
  notAsked: {
    'a shield': buildCase({ mode: { ...FORWARD, heldBy: 'shield' }, route: TETHER_ROUTE }),
    'a booster': buildCase({ mode: BOOSTER }),
  },
})
