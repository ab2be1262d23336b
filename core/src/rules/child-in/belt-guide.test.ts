import { BOOSTER, buildCase } from '../../../test/build.ts'
import { told } from '../../../test/told.ts'
import { Sequence } from '../../ground/index.ts'
import { measured, type Case } from '../../index.ts'
import { figures } from '../../../test/look.ts'

const outdatedBy = ['clothes', 'removed', 'child', 'strapHeightMm'] as const
const table = { rule: 'belt-guide', check: 'guide-above-shoulder-mm', stage: 'child-in', severity: 'fix', outdatedBy } as const // prettier-ignore

figures({
  ...table,
  source: 'practice',
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
  source: 'maker',
  on: buildCase({ mode: { ...BOOSTER, guideAboveShoulderMm: { fromMm: -10, toMm: 5 } } }),
  gives: [
    [-10, 0, 'pass', 'at-most', 5, 15],
    [6, 0, 'fail', 'at-most', 5, -1],
    [-11, 0, 'fail', 'at-least', -10, -1],
  ],
  notAsked: {},
})

const at = (value: number, mode: object = {}): Case =>
  buildCase({
    mode: { ...BOOSTER, ...mode },
    readings: { 'guide-above-shoulder-mm': { number: measured(value), at: Sequence(2) } },
  })
test.each<[string, Case, string]>([
  [
    'above the usual window',
    at(25),
    'fail, fix by practice | 25 mm, limit 20, room -5 | Belt guide above the shoulder 25 mm; the guide: at most 20 mm. → Lower the head support until the guide stands 0 to 20 mm above the shoulder.',
  ],
  [
    'below it',
    at(-2),
    'fail, fix by practice | -2 mm, limit 0, room -2 | Belt guide above the shoulder −2 mm; the guide: at least 0 mm. → Raise the head support until the guide stands 0 to 20 mm above the shoulder.',
  ],
  [
    'above the maker’s',
    at(6, { guideAboveShoulderMm: { fromMm: -10, toMm: 5 } }),
    'fail, fix by maker | 6 mm, limit 5, room -1 | Belt guide above the shoulder 6 mm; the maker: at most 5 mm. → Lower the head support until the guide stands −10 to 5 mm above the shoulder.',
  ],
  [
    'within the maker’s',
    at(5, { guideAboveShoulderMm: { fromMm: -10, toMm: 5 } }),
    'pass, fix by maker | 5 mm, limit 5, room 0 | Belt guide above the shoulder 5 mm; the maker: −10 to 5 mm.',
  ],
])('the guide %s', (_, c, said) => expect(told('belt-guide', c)).toBe(said))
