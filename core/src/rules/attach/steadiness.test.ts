import { Sequence } from '../../ground/index.ts'
import { ask, BOOSTER, buildCase, kindOf, ruleById } from '../../../test/build.ts'
import { told } from '../../../test/told.ts'
import { figures, looks } from '../../../test/look.ts'
import { fittedSubject, measured, type Case } from '../../index.ts'

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

test.each([
  [{}, ['steadiness-felt']],
  [{ 'steadiness-felt': { option: 'none', at: Sequence(2) }, 'steadiness-mm': { number: measured(20, 1), at: Sequence(2) } }, ['steadiness-felt', 'steadiness-mm']], // prettier-ignore
])('the strict school, read %j: it rests on %j', (readings, checks) => {
  const { checks: restsOn } = ruleById('steadiness')
  expect(typeof restsOn === 'function' && restsOn(fittedSubject({ ...felt, readings }) as never)).toEqual(checks)
})

const MOVED = { 'steadiness-mm': { number: measured(30, 1), at: Sequence(2) } }
test.each<[string, Case, string]>([
  [
    'as the profile has it',
    buildCase({ practice: { steadiness: 'within-25-mm' }, readings: MOVED }),
    'fail, fix by practice | 29 to 31 mm, limit 25, room -6 | Movement at the base 30 ± 1 mm; movement: at most 25 mm. → Put weight on it, tighten the belt or push the base home, and test again.',
  ],
  [
    'as the maker has it',
    buildCase({ mode: { steadinessMm: 10 }, readings: MOVED }),
    'fail, fix by maker | 29 to 31 mm, limit 10, room -21 | Movement at the base 30 ± 1 mm; the maker: at most 10 mm. → Put weight on it, tighten the belt or push the base home, and test again.',
  ],
])('movement, %s', (_, c, said) => expect(told('steadiness', c)).toBe(said))
