import { BELT_ROUTE, BOOSTER, buildCase } from '../../../test/build.ts'
import { figures } from '../../../test/look.ts'

figures({
  rule: 'buckle-frame',
  check: 'buckle-above-edge-mm',
  stage: 'attach',
  severity: 'stop',
  source: 'maker',
  on: buildCase({ route: BELT_ROUTE }),
  gives: [
    [-10, 2, 'pass', 'at-most', 0, 8],
    [0, 0, 'pass', 'at-most', 0, 0],
    [-1, 3, 'undecided', 'at-most', 0, -2],
    [1, 0, 'fail', 'at-most', 0, -1],
    [20, 5, 'fail', 'at-most', 0, -25],
  ],
  outdatedBy: ['connectors', 'base', 'removed', 'recline', 'wedge', 'slideMm', 'beside'],
  notAsked: { 'an ISOFIX route': buildCase(), 'a booster': buildCase({ mode: BOOSTER }) },
})
