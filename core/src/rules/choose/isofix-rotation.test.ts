import { ask, buildCase, buildRoute, BELT_ROUTE, kindOf, TETHER_ROUTE } from '../../../test/build.ts'
import type { Route } from '../../index.ts'

const bare = { ...buildRoute(), leg: undefined } as Route

test.each<[string, Route, string]>([
  ['a leg', buildRoute(), 'pass'],
  ['a required tether', TETHER_ROUTE, 'pass'],
  ['an advised tether alone', { ...bare, topTether: { use: 'optional' } }, 'undecided'],
  ['required lower tethers', { ...bare, lowerTethers: { use: 'required', points: ['ring'] } }, 'pass'],
  ['another means, in words', { ...bare, rotationHeldBy: 'a rebound bar against the backrest' }, 'pass'],
  ['nothing', bare, 'undecided'],
])('isofix-rotation: %s', (_, route, kind) => {
  expect(kindOf('isofix-rotation', buildCase({ route }))).toBe(kind)
})

test('nothing stated: undecided, stops, and asks what holds it', () => {
  expect(ask('isofix-rotation', buildCase({ route: bare }))).toMatchObject({
    kind: 'undecided',
    missing: ['route.rotationHeldBy'],
  })
  expect(kindOf('isofix-rotation', buildCase({ route: BELT_ROUTE }))).toBe('not-applicable')
})
