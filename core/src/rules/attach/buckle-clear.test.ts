import { BELT_ROUTE, BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'buckle-clear',
  check: 'buckle-clear',
  stage: 'attach',
  severity: 'stop',
  source: 'maker',
  on: buildCase({ route: BELT_ROUTE }),
  gives: { clear: 'pass', bearing: 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm', 'recline', 'wedge', 'beside'],
  notAsked: { 'an ISOFIX route': buildCase(), 'a booster': buildCase({ mode: BOOSTER }) },
})
