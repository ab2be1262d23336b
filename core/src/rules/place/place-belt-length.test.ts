import { Sequence } from '../../ground/index.ts'
import { ask, BELT_ROUTE, buildCase, kindOf } from '../../../test/build.ts'
import { measured, type Route } from '../../index.ts'

const route = {
  ...BELT_ROUTE,
  belt: { ...(BELT_ROUTE.belt as NonNullable<Route['belt']>), requiredLengthMm: 2200 },
}

test.each([
  [2199, 0, 'fail'],
  [2200, 0, 'pass'],
  [2210, 30, 'undecided'],
  [2230, 30, 'pass'],
  [2150, 30, 'fail'],
])('place-belt-length: %s ± %s mm of belt for a path of 2200 mm: %s', (mm, plusMinus, kind) => {
  const belt = { kind: 'three-point' as const, usableLengthMm: measured(mm, plusMinus) }
  expect(kindOf('place-belt-length', buildCase({ route, position: { belt } }))).toBe(kind)
})

test('a belt that nobody has measured is proved in the car', () => {
  const open = { kind: 'undecided', severity: 'advise', missing: ['position.belt'], settledBy: 'belt-locked' }
  expect(ask('place-belt-length', buildCase({ route }))).toMatchObject(open)
  const threaded = buildCase({ route, readings: { 'belt-locked': { option: 'locked', at: Sequence(3) } } })
  expect(ask('place-belt-length', threaded)).toMatchObject({ kind: 'pass' })
})
