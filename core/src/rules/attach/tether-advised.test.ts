import { Sequence } from '../../ground/index.ts'
import { fittedSubject, planJob, stepsFor, type SeatingPosition } from '../../index.ts'
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
    'a place without an anchorage': buildCase({
      route: buildRoute({ topTether: { use: 'optional' } }),
      position: { tether: { where: 'none' } },
    }),
    'one that is required': buildCase({ route: buildRoute({ topTether: { use: 'required' } }) }),
  },
})
test('where there is no anchorage, nothing of a tether is done, looked at or taken off; where nobody knows, it is asked', () => {
  const at = (tether: SeatingPosition['tether']) =>
    fittedSubject(buildCase({ route: buildRoute({ topTether: { use: 'optional' } }), position: { tether } }))!
  const told = (tether: SeatingPosition['tether']) => {
    const s = at(tether)
    const job = planJob('take-out', s).steps.map((step) => step.text)
    return [stepsFor(s).some((step) => step.id === 'tether'), s.asked!().has('tether-used'), job.some((text) => /top tether/.test(text))] // prettier-ignore
  }
  expect(told({ where: 'none' })).toEqual([false, false, false])
  expect(told({ where: 'seat-back' })).toEqual([true, true, true])
  expect(told(undefined)).toEqual([true, true, true])
})
test('left off, that is spoken of and holds nothing up', () => {
  const c = { ...advised, readings: { 'tether-used': { option: 'left-off', at: Sequence(9) } } }
  expect(ask('tether-advised', c)).toMatchObject({ kind: 'fail', severity: 'advise', check: 'tether-used' })
})
