import { BELT_ROUTE, buildCase, buildRoute } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'pushed-home',
  check: 'pushed-home',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase(),
  gives: { yes: 'pass', no: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm'],
  notAsked: {
    'connectors that hold at any length': buildCase({
      route: buildRoute({ isofix: { connectors: 'rigid', role: 'holds', pushedHome: 'any-length' } }),
    }),
    'a belt route': buildCase({ route: BELT_ROUTE }),
  },
})
