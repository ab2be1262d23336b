import { buildCase, buildRoute } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'rebound-bar',
  check: 'rebound-bar',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ route: buildRoute({ reboundBar: { hasRatchet: true } }) }),
  gives: { 'last-click': 'pass', short: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm'],
  notAsked: { 'a route without one': buildCase() },
})
