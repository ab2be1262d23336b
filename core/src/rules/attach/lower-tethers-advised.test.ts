import { Sequence } from '../../ground/index.ts'
import { ask, buildCase, buildRoute } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

const advised = buildCase({ route: buildRoute({ lowerTethers: { use: 'optional', points: ['ring'] } }) })
looks({
  rule: 'lower-tethers-advised',
  check: 'lower-tethers-used',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: advised,
  gives: { hooked: 'pass', unsure: 'undecided' },
  goesOn: ['left-off'],
  outdatedBy: ['connectors', 'base', 'removed', 'slideMm'],
  notAsked: {
    'a route without it': buildCase(),
    'one that is required': buildCase({ route: buildRoute({ lowerTethers: { use: 'required', points: ['ring'] } }) }),
  },
})
test('left off, that is spoken of and holds nothing up', () => {
  const c = { ...advised, readings: { 'lower-tethers-used': { option: 'left-off', at: Sequence(9) } } }
  expect(ask('lower-tethers-advised', c)).toMatchObject({
    kind: 'fail',
    severity: 'advise',
    check: 'lower-tethers-used',
  })
})
