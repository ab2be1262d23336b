import { BELT_ROUTE, buildCase, buildLeg, buildRoute } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'leg-indicator',
  check: 'leg-indicator',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ route: buildRoute({ leg: buildLeg({ proofs: [{ id: 'foot', what: 'foot', kind: 'window' }] }) }) }),
  gives: { good: 'pass', bad: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm', 'recline', 'legNotch', 'wedge'],
  notAsked: { 'a leg without an indicator': buildCase(), 'a route without a leg': buildCase({ route: BELT_ROUTE }) },
})
