import { buildCase, kindOf } from '../../../test/build.ts'
import { type SeatingPosition } from '../../index.ts'

test.each([
  [{ isofix: { bars: 'none' } }, 'fail'],
  [{ isofix: { bars: 'recessed' } }, 'pass'],
  [{ isofix: undefined }, 'undecided'],
] as const)('at a place with %j: %s', (position, kind) => {
  expect(kindOf('place-isofix-bars', buildCase({ position: position as Partial<SeatingPosition> }))).toBe(kind)
})
