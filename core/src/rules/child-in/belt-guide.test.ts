import { BOOSTER, buildCase } from '../../../test/build.ts'
import { figures } from '../../../test/look.ts'

const outdatedBy = ['clothes', 'removed', 'child', 'strapHeightMm'] as const
const table = { rule: 'belt-guide', check: 'guide-above-shoulder-mm', stage: 'child-in', severity: 'fix', source: 'maker', outdatedBy } as const // prettier-ignore

figures({
  ...table,
  on: buildCase({ mode: BOOSTER }),
  gives: [
    [10, 3, 'pass', 'at-most', 20, 7],
    [0, 0, 'pass', 'at-most', 20, 20],
    [20, 0, 'pass', 'at-most', 20, 0],
    [21, 0, 'fail', 'at-most', 20, -1],
    [-1, 0, 'fail', 'at-least', 0, -1],
    [20, 2, 'undecided', 'at-most', 20, -2],
    [0, 2, 'undecided', 'at-least', 0, -2],
  ],
  notAsked: {
    'a cushion without a back': buildCase({ mode: { ...BOOSTER, shape: 'booster-cushion' } }),
    'a harness': buildCase(),
    'a back that holds the child by a harness of its own': buildCase({ mode: { ...BOOSTER, heldBy: 'harness' } }),
  },
})
figures({
  ...table,
  on: buildCase({ mode: { ...BOOSTER, guideAboveShoulderMm: { fromMm: -10, toMm: 5 } } }),
  gives: [
    [-10, 0, 'pass', 'at-most', 5, 15],
    [6, 0, 'fail', 'at-most', 5, -1],
    [-11, 0, 'fail', 'at-least', -10, -1],
  ],
  notAsked: {},
})
