import { buildCase, kindOf } from '../../../test/build.ts'
import { type SeatingPosition } from '../../index.ts'

test.each([
  [{ floor: { kind: 'solid' } }, 'pass'],
  [{ floor: { kind: 'box-not-allowed' } }, 'fail'],
  [{ floor: { kind: 'box-allowed-when-propped' } }, 'pass'],
  [{ floor: { kind: 'none' } }, 'fail'],
  [{ floor: undefined }, 'pass'],
  [{ floor: undefined, handbook: { fixtures: ['R3'] } }, 'undecided'],
  [{ floor: undefined, handbook: { table: { legPermitted: true } } }, 'pass'],
  [{ floor: { kind: 'solid' }, handbook: { table: { legPermitted: false } } }, 'fail'],
] as const)('at a place with %j: %s', (position, kind) => {
  expect(kindOf('place-leg-floor', buildCase({ position: position as Partial<SeatingPosition> }))).toBe(kind)
})
