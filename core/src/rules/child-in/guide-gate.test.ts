import { BOOSTER, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'guide-gate',
  check: 'guide-gate',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase({ mode: BOOSTER }),
  gives: { in: 'pass', open: 'fail', unsure: 'undecided' },
  outdatedBy: ['clothes', 'removed', 'child', 'strapHeightMm'],
  notAsked: {
    'a cushion without a back': buildCase({ mode: { ...BOOSTER, shape: 'booster-cushion' } }),
    'a harness': buildCase(),
  },
})
