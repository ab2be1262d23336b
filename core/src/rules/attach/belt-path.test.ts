import { BELT_ROUTE, BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'belt-path',
  check: 'belt-path',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ route: BELT_ROUTE }),
  gives: { 'as-listed': 'pass', 'guide-missed': 'fail', 'other-direction': 'fail', unsure: 'undecided' },
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm'],
  notAsked: { 'an ISOFIX route': buildCase(), 'a booster, whose belt holds the child': buildCase({ mode: BOOSTER }) },
})
