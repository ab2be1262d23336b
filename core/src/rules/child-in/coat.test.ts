import { Sequence } from '../../ground/index.ts'
import { ask, BOOSTER, buildCase, judged } from '../../../test/build.ts'
import { figures, looks } from '../../../test/look.ts'
import { measured } from '../../index.ts'

const outdatedBy = ['turned', 'set-round', 'harness', 'clothes', 'removed', 'carrier', 'child'] as const
looks({
  rule: 'coat',
  check: 'coat',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  on: buildCase({ readings: { 'coat-hides-mm': { number: measured(30, 0), at: Sequence(99) } } }),
  gives: { indoor: 'pass', unsure: 'undecided' },
  goesOn: ['coat'],
  outdatedBy,
  notAsked: { 'a booster': buildCase({ mode: BOOSTER }), 'a shield': buildCase({ mode: { heldBy: 'shield' } }) },
})
figures({
  rule: 'coat',
  check: 'coat-hides-mm',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  on: buildCase({ readings: { coat: { option: 'coat', at: Sequence(99) } } }),
  gives: [
    [5, 2, 'pass', 'at-most', 10, 3],
    [10, 0, 'pass', 'at-most', 10, 0],
    [10, 1, 'undecided', 'at-most', 10, -1],
    [12, 1, 'fail', 'at-most', 10, -3],
  ],
  outdatedBy,
  notAsked: {},
})
test('a coat that was on before the clothes were changed is looked at anew, whatever it hid', () => {
  const c = buildCase({ readings: { coat: { option: 'coat', at: Sequence(2) }, 'coat-hides-mm': { number: measured(30, 0), at: Sequence(2) } } }) // prettier-ignore
  expect(judged('coat', c).kind).toBe('fail')
  expect(ask('coat', { ...c, disturbances: { clothes: { at: Sequence(3) } } })).toMatchObject({ kind: 'undecided', check: 'coat', missing: ['check.coat'] }) // prettier-ignore
})
