import { BOOSTER, ask, BELT_ROUTE, buildCase, kindOf } from '../../../test/build.ts'
import { measured, type Route } from '../../index.ts'

const withEdge = (lock?: NonNullable<Route['belt']>['lock']): Route => ({
  ...BELT_ROUTE,
  belt: {
    ...(BELT_ROUTE.belt as NonNullable<Route['belt']>),
    pathEdgeAboveBightMm: 110,
    ...(lock && { lock }),
  },
})
const buckle = (mm: number, plusMinus = 0) => ({
  belt: { kind: 'three-point' as const, buckleTopMm: measured(mm, plusMinus) },
})

test.each([
  [110, 0, 'pass', 'stop'],
  [111, 0, 'fail', 'stop'],
  [95, 5, 'pass', 'stop'],
  [108, 5, 'undecided', 'advise'],
  [120, 5, 'fail', 'stop'],
] as const)('place-buckle: top at %s ± %s mm, edge at 110 mm: %s, %s', (mm, plusMinus, kind, severity) => {
  const c = buildCase({ route: withEdge(), position: buckle(mm, plusMinus) })
  expect(ask('place-buckle', c)).toMatchObject({ kind, severity })
})

test('a booster’s belt runs free of the frame, and an unmeasured buckle is measured in the car', () => {
  expect(kindOf('place-buckle', buildCase({ mode: BOOSTER, position: buckle(150) }))).toBe('not-applicable')
  const open = { kind: 'undecided', severity: 'advise', missing: ['position.belt'], settledBy: 'buckle-above-edge-mm' }
  expect(ask('place-buckle', buildCase({ route: withEdge() }))).toMatchObject(open)
  expect(ask('place-buckle', buildCase({ route: BELT_ROUTE, position: buckle(150) }))).toMatchObject(open)
})
