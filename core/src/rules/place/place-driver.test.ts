import { reasonOf } from '../speak.ts'
import { ask, buildCase, kindOf } from '../../../test/build.ts'
import type { SeatingPosition } from '../../index.ts'

test.each<[Partial<SeatingPosition>, string]>([
  [{}, 'pass'],
  [{ isDriverSeat: true }, 'fail'],
  // The car of the builder is driven from the right.
  [{ row: 1, side: 'right' }, 'fail'],
  [{ row: 1, side: 'right', isDriverSeat: false }, 'fail'],
  [{ row: 1, side: 'left' }, 'pass'],
  [{ row: 2, side: 'right' }, 'pass'],
])('place-driver: %j: %s', (position, kind) => {
  expect(kindOf('place-driver', buildCase({ position }))).toBe(kind)
})

test('nobody is fitted there, by law', () => {
  const said = ask('place-driver', buildCase({ position: { isDriverSeat: true } }))
  expect(reasonOf(said)).toBe('This is the driver’s seat.')
})
