import { Sequence } from '../../ground/index.ts'
import { BOOSTER, buildCase, kindOf } from '../../../test/build.ts'
import { figures, looks } from '../../../test/look.ts'
import { checksByRule, fittedSubject, measured, type Case } from '../../index.ts'

const outdatedBy = ['turned', 'set-round', 'harness', 'clothes', 'removed', 'carrier', 'child', 'insertsIn', 'strapHeightMm'] as const // prettier-ignore
const table = { rule: 'harness-slack', check: 'slack-mm', stage: 'child-in', severity: 'fix', outdatedBy } as const

for (const [slack, limit] of [
  ['one-finger', 15],
  ['two-fingers', 25],
] as const)
  figures({
    ...table,
    source: 'practice',
    on: buildCase({ practice: { slack } }),
    gives: [
      [limit - 5, 2, 'pass', 'at-most', limit, 3],
      [limit, 0, 'pass', 'at-most', limit, 0],
      [limit, 1, 'undecided', 'at-most', limit, -1],
      [limit + 2, 1, 'fail', 'at-most', limit, -3],
    ],
    notAsked: { 'a booster': buildCase({ mode: BOOSTER }), 'a shield': buildCase({ mode: { heldBy: 'shield' } }) },
  })
// The maker's own figures are measured, whatever the school.
for (const slack of ['one-finger', 'pinch'] as const)
  figures({
    ...table,
    source: 'maker',
    on: buildCase({ practice: { slack }, mode: { slackMm: { fromMm: 5, toMm: 12 } } }),
    gives: [
      [5, 0, 'pass', 'at-most', 12, 7],
      [12, 0, 'pass', 'at-most', 12, 0],
      [13, 0, 'fail', 'at-most', 12, -1],
      [4, 0, 'fail', 'at-least', 5, -1],
    ],
    notAsked: {},
  })

const pinched = buildCase({ practice: { slack: 'pinch' } })
looks({
  rule: 'harness-slack',
  check: 'slack-pinch',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  on: pinched,
  gives: { none: 'pass', fold: 'fail', unsure: 'undecided' },
  outdatedBy,
  notAsked: {},
})
test('pinched and measured as well, it reads both; not measured, the pinch alone', () => {
  const read = (c: Case) => checksByRule(fittedSubject(c)!).get('harness-slack')
  const number = { number: measured(10, 0), at: Sequence(2) }
  expect(read(pinched)).toEqual(['slack-pinch'])
  expect(read({ ...pinched, readings: { 'slack-mm': number } })).toEqual(['slack-pinch', 'slack-mm'])
})
test.each([
  ['none', 25, 'pass'],
  ['none', 26, 'fail'],
  ['fold', 10, 'fail'],
  ['unsure', 26, 'fail'],
  ['unsure', 10, 'undecided'],
])('pinched %s, and measured %s mm as well: %s', (option, value, kind) => {
  const readings = {
    'slack-pinch': { option, at: Sequence(2) },
    'slack-mm': { number: measured(value, 0), at: Sequence(2) },
  }
  expect(kindOf('harness-slack', { ...pinched, readings })).toBe(kind)
})
