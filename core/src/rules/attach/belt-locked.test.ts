import { BELT_ROUTE, BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

const TENSION_ROUTE = { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, lock: { kind: 'tension-only' as const } } }

looks({
  rule: 'belt-locked',
  check: 'belt-locked',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ route: BELT_ROUTE }),
  gives: { locked: 'pass', runs: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm', 'recline', 'wedge', 'insertsIn'],
  notAsked: {
    'an ISOFIX route': buildCase(),
    'a booster': buildCase({ mode: BOOSTER }),
    'a route held by tension alone': buildCase({ route: TENSION_ROUTE }),
  },
})
