import { buildCase, FORWARD, kindOf } from '../../../test/build.ts'
import { type SeatingPosition } from '../../index.ts'

test.each([
  [{ row: 1, frontAirbag: 'cannot-be-switched-off' }, 'fail'],
  [{ row: 1, frontAirbag: 'can-be-switched-off' }, 'pass'],
  [{ row: 1, frontAirbag: 'none' }, 'pass'],
  [{ row: 1, frontAirbag: undefined }, 'undecided'],
  [{ row: 2, frontAirbag: undefined }, 'not-applicable'],
  [{ row: 2, frontAirbag: 'cannot-be-switched-off' }, 'fail'],
] as const)('at a place with %j: %s', (position, kind) => {
  expect(kindOf('place-airbag', buildCase({ position: position as Partial<SeatingPosition> }))).toBe(kind)
})

const at = (position: Partial<SeatingPosition>, parts: Parameters<typeof buildCase>[0] = {}): string =>
  kindOf('place-airbag', buildCase({ ...parts, position }))

test('an active airbag says nothing against a forward child', () => {
  expect(at({ row: 1, frontAirbag: 'cannot-be-switched-off' }, { mode: FORWARD })).toBe('not-applicable')
})
