import { missingIn } from '../rule.ts'
import { BELT_ROUTE, BOOSTER, buildCase, buildRoute, judged, ask } from '../../../test/build.ts'
import type { Mode, Route } from '../../index.ts'

const asked = (route: Route, mode: Partial<Mode> = {}) => {
  const said = judged('route-stated', buildCase({ route, mode, unstated: true }))
  return said.kind === 'not-applicable' ? [] : [...missingIn(said)]
}

test('route-stated: a bare route asks for each part that it might have', () => {
  expect(asked(buildRoute({ isofix: { connectors: 'rigid', role: 'holds' } }))).toEqual([
    'route.belt',
    'route.topTether',
    'route.lowerTethers',
    'route.reboundBar',
    'route.limits',
    'route.usesBase',
    'route.frontSeat',
    'route.pushedHome',
    'route.legProofs',
    'route.steps',
  ])
  expect(asked(BELT_ROUTE, { direction: 'lateral', shape: 'lie-flat' })).toContain('route.seatsTaken')
  expect(asked(BOOSTER.routes![0]!, BOOSTER)).toEqual(['route.isofix', 'route.limits', 'route.steps'])
})

test('said to be none, nothing is asked; stated and none at once is refused', () => {
  expect(ask('route-stated', buildCase())).toMatchObject({ kind: 'pass' })
})
