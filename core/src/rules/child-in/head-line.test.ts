import { Sequence } from '../../ground/index.ts'
import { ask, buildCase } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

looks({
  rule: 'head-line',
  check: 'head',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  on: buildCase(),
  gives: { inside: 'pass', above: 'fail', unsure: 'undecided' },
  outdatedBy: [
    'turned',
    'set-round',
    'clothes',
    'removed',
    'carrier',
    'child',
    'recline',
    'vehicleHeadRestraint',
    'insertsIn',
    'strapHeightMm',
  ],
  notAsked: {},
})

test.each([
  ['inside', 'undecided', ['mode.headRule']],
  ['unsure', 'undecided', ['mode.headRule', 'check.head']],
  [undefined, 'undecided', ['mode.headRule', 'check.head']],
  ['above', 'fail', undefined],
] as const)('nobody has read by which line; seen %s: %s', (option, kind, missing) => {
  const c = buildCase({ mode: { headRule: undefined }, readings: option === undefined ? {} : { head: { option, at: Sequence(9) } } }) // prettier-ignore
  expect(ask('head-line', c)).toMatchObject({ kind, ...(missing && { missing }) })
})
