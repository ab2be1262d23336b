import { Sequence } from '../../ground/index.ts'
import { ask, BOOSTER, buildCase, kindOf } from '../../../test/build.ts'
import { figures, looks } from '../../../test/look.ts'
import { measured } from '../../index.ts'

const outdatedBy = ['connectors', 'base', 'set-round', 'removed', 'wedge', 'slideMm'] as const
figures({
  rule: 'steadiness',
  check: 'steadiness-mm',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  on: buildCase({ practice: { steadiness: 'within-25-mm' } }),
  gives: [
    [20, 2, 'pass', 'at-most', 25, 3],
    [25, 0, 'pass', 'at-most', 25, 0],
    [25, 1, 'undecided', 'at-most', 25, -1],
    [26, 1, 'undecided', 'at-most', 25, -2],
    [26, 0.5, 'fail', 'at-most', 25, -1.5],
  ],
  outdatedBy,
  notAsked: { 'a booster, which may move': buildCase({ mode: BOOSTER }) },
})
// The maker's own figure is measured, whatever the school.
for (const steadiness of ['within-25-mm', 'nothing-felt'] as const)
  figures({
    rule: 'steadiness',
    check: 'steadiness-mm',
    stage: 'attach',
    severity: 'fix',
    source: 'maker',
    on: buildCase({ practice: { steadiness }, mode: { steadinessMm: 10 } }),
    gives: [
      [10, 0, 'pass', 'at-most', 10, 0],
      [11, 0, 'fail', 'at-most', 10, -1],
    ],
    outdatedBy,
    notAsked: {},
  })

const felt = buildCase({ practice: { steadiness: 'nothing-felt' } })
looks({
  rule: 'steadiness',
  check: 'steadiness-felt',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  on: felt,
  gives: { none: 'pass', felt: 'fail', unsure: 'undecided' },
  outdatedBy,
  notAsked: {},
})
test.each([
  ['none', 20, 'pass'],
  ['none', 30, 'fail'],
  ['felt', 20, 'fail'],
  ['unsure', 20, 'undecided'],
  ['unsure', 30, 'fail'],
])('the strict school: felt %s, and measured %s mm as well: %s', (option, value, kind) => {
  const readings = {
    'steadiness-felt': { option, at: Sequence(2) },
    'steadiness-mm': { number: measured(value, 1), at: Sequence(2) },
  }
  expect(kindOf('steadiness', { ...felt, readings })).toBe(kind)
})
test('what was measured and no longer holds is not asked of the strict school', () => {
  const c = { ...felt, readings: { 'steadiness-felt': { option: 'none', at: Sequence(4) }, 'steadiness-mm': { number: measured(30, 1), at: Sequence(2) } } } // prettier-ignore
  expect(ask('steadiness', { ...c, disturbances: { base: { at: Sequence(3) } } })).toMatchObject({ kind: 'pass', check: 'steadiness-felt' }) // prettier-ignore
})
