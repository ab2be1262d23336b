import { buildCase } from '../../../test/build.ts'
import { figures } from '../../../test/look.ts'

const outdatedBy = ['turned', 'set-round', 'clothes', 'removed', 'carrier', 'child', 'recline', 'vehicleHeadRestraint', 'insertsIn', 'strapHeightMm'] as const // prettier-ignore
const table = { rule: 'crown-margin', check: 'crown-below-edge-mm', stage: 'child-in', severity: 'fix', outdatedBy } as const // prettier-ignore
const shell = { shape: 'infant-shell', headRule: 'crown-inside' } as const

figures({
  ...table,
  source: 'maker',
  on: buildCase({ mode: shell, practice: { infantHead: 'edge-flush' } }),
  gives: [
    [8, 3, 'pass', 'at-least', 0, 5],
    [0, 0, 'pass', 'at-least', 0, 0],
    [-1, 0, 'fail', 'at-least', 0, -1],
    [2, 3, 'undecided', 'at-least', 0, -1],
  ],
  notAsked: {
    'a head judged by the eyes': buildCase({ mode: { ...shell, headRule: 'eyes-below-edge' } }),
    'a seat': buildCase({ mode: { ...shell, shape: 'seat' } }),
  },
})
figures({
  ...table,
  source: 'practice',
  on: buildCase({ mode: shell, practice: { infantHead: 'margin-25-mm' } }),
  gives: [
    [25, 0, 'pass', 'at-least', 25, 0],
    [24, 0, 'fail', 'at-least', 25, -1],
  ],
  notAsked: {},
})
// The maker's figure beats the school's.
figures({
  ...table,
  source: 'maker',
  on: buildCase({ mode: { ...shell, headBelowEdgeMm: 10 }, practice: { infantHead: 'margin-25-mm' } }),
  gives: [
    [10, 0, 'pass', 'at-least', 10, 0],
    [9, 0, 'fail', 'at-least', 10, -1],
  ],
  notAsked: {},
})
