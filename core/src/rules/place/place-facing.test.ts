import { buildCase, kindOf } from '../../../test/build.ts'
import { type SeatingPosition } from '../../index.ts'

test.each([
  [{ facing: 'forward' }, 'pass'],
  [{ facing: undefined }, 'undecided'],
  [{ facing: 'sideways' }, 'fail'],
  [{ facing: 'rearward' }, 'fail'],
] as const)('at a place with %j: %s', (position, kind) => {
  expect(kindOf('place-facing', buildCase({ position: position as Partial<SeatingPosition> }))).toBe(kind)
})
