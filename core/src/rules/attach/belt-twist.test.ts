import { BELT_ROUTE, BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'belt-twist',
  check: 'belt-twist',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ route: BELT_ROUTE }),
  gives: { none: 'pass', twisted: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm'],
  notAsked: { 'an ISOFIX route': buildCase(), 'a booster': buildCase({ mode: BOOSTER }) },
})
