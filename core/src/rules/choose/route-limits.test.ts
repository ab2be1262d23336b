import { ask, buildCase, buildRoute, kindOf } from '../../../test/build.ts'
import { measured } from '../../index.ts'

const route = buildRoute({ limits: { massKg: { to: 15 } } })
test.each([
  [14.9, 0, 'pass'],
  [15, 0, 'pass'],
  [15.1, 0, 'fail'],
  [15, 0.1, 'undecided'],
])('route-limits: to 15 kg by this route, child of %s ± %s kg: %s', (kg, u, kind) => {
  const said = ask('route-limits', buildCase({ route, child: { massKg: measured(kg, u) } }))
  expect(said).toMatchObject({ kind, limit: 15, unit: 'kg', measured: { lo: kg - u, hi: kg + u } })
})

test('both limits bind; none stated is another rule’s question', () => {
  const both = buildRoute({ limits: { massKg: { to: 15 }, statureCm: { to: 78 } } })
  expect(kindOf('route-limits', buildCase({ route: both }))).toBe('fail')
  expect(kindOf('route-limits', buildCase())).toBe('not-applicable')
})
