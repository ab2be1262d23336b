import type { SeatingPosition } from '@nimble-anchor/core/vehicle'
import { drawable } from './drawable.ts'

const place = (over: object): SeatingPosition =>
  ({ id: 'a', label: 'A', row: 1, side: 'left', lateralCentreMm: -300, ...over }) as SeatingPosition

test('a part that is not valid yet is not drawn; what is valid, and other places, are', () => {
  const positions = [place({ floor: {}, belt: { kind: 'three-point' } }), place({ floor: { kind: 'solid' } })]
  const drawn = drawable(positions, new Map([['positions.0.floor.kind', 'is missing']]))
  expect(drawn[0]!.floor).toBeUndefined()
  expect(drawn[0]!.belt).toEqual({ kind: 'three-point' })
  expect(drawn[1]).toBe(positions[1])
})
test('faults of the car itself take nothing away', () => {
  const positions = [place({})]
  expect(drawable(positions, new Map([['maker', 'is missing']]))).toEqual(positions)
})
