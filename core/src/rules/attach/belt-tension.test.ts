import { BELT_ROUTE, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

const TENSION_ROUTE = { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, lock: { kind: 'tension-only' as const } } }

looks({
  rule: 'belt-tension',
  check: 'belt-tension',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ route: TENSION_ROUTE }),
  gives: { tight: 'pass', slack: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm', 'recline', 'wedge', 'insertsIn'],
  notAsked: { 'a route with a lock': buildCase({ route: BELT_ROUTE }), 'an ISOFIX route': buildCase() },
})
