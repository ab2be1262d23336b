import { BELT_ROUTE, buildCase, buildRoute } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'connector-straps',
  check: 'connector-straps',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ route: buildRoute({ isofix: { connectors: 'strap', role: 'steadies' } }) }),
  gives: { tight: 'pass', slack: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm'],
  notAsked: { 'rigid connectors': buildCase(), 'a belt route': buildCase({ route: BELT_ROUTE }) },
})
