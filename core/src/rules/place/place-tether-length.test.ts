import { ask, buildCase, kindOf, TETHER_ROUTE } from '../../../test/build.ts'
import { measured, type Route, type SeatingPosition } from '../../index.ts'

const route: Route = { ...TETHER_ROUTE, topTether: { use: 'required', minLengthMm: 300, maxLengthMm: 900 } }
const path = (mm: number, plusMinus = 0): Partial<SeatingPosition> => ({
  tether: { where: 'shelf', pathLengthMm: measured(mm, plusMinus) },
})

test.each([
  [299, 0, 'fail'],
  [300, 0, 'pass'],
  [310, 20, 'undecided'],
  [890, 20, 'undecided'],
  [900, 0, 'pass'],
  [901, 0, 'fail'],
])('place-tether-length: a path of %s ± %s mm for a strap of 300–900 mm: %s', (mm, plusMinus, kind) => {
  expect(ask('place-tether-length', buildCase({ route, position: path(mm, plusMinus) }))).toMatchObject({
    kind,
    severity: 'stop',
  })
})

test('a tether that is only advised is advice; one that cannot be hooked at all is another rule’s', () => {
  const optional: Route = { ...route, topTether: { use: 'optional', maxLengthMm: 900 } }
  expect(ask('place-tether-length', buildCase({ route: optional, position: path(950) }))).toMatchObject({
    kind: 'fail',
    severity: 'advise',
  })
  const none = { tether: { where: 'none' as const, pathLengthMm: measured(950) } }
  expect(kindOf('place-tether-length', buildCase({ route, position: none }))).toBe('not-applicable')
  expect(ask('place-tether-length', buildCase({ route, position: { tether: { where: 'shelf' } } }))).toMatchObject({
    kind: 'undecided',
    severity: 'advise',
    settledBy: 'tether-flat',
  })
})
