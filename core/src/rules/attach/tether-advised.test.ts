import { ask, buildCase, buildRoute } from '../../../test/build.ts'
import { looks } from '../../../test/look.ts'

const advised = buildCase({ route: buildRoute({ topTether: { use: 'optional' } }) })
looks({
  rule: 'tether-advised',
  check: 'tether-used',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  on: advised,
  gives: { hooked: 'pass', unsure: 'undecided' },
  goesOn: ['left-off'],
  outdatedBy: ['connectors', 'base', 'tether', 'set-round', 'removed', 'slideMm'],
  notAsked: {
    'a route without it': buildCase(),
    'one that is required': buildCase({ route: buildRoute({ topTether: { use: 'required' } }) }),
  },
})
test('left off, that is spoken of and holds nothing up', () => {
  const c = { ...advised, readings: { 'tether-used': { option: 'left-off', at: 9 } } }
  expect(ask('tether-advised', c)).toMatchObject({ kind: 'fail', severity: 'advise', check: 'tether-used' })
})
