import { FORWARD, TETHER_ROUTE, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'tether-path',
  check: 'tether-flat',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: FORWARD, route: TETHER_ROUTE }),
  gives: { flat: 'pass', twisted: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm', 'tether', 'set-round', 'recline', 'vehicleHeadRestraint'],
  notAsked: { 'a route without a tether': buildCase() },
})
