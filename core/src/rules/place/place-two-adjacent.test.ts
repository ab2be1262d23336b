import { buildCase, kindOf, buildPosition, BELT_ROUTE } from '../../../test/build.ts'
import { type Route, type SeatingPosition } from '../../index.ts'

test('lying across needs a second place beside this one, in the same row and facing forward', () => {
  const route: Route = { ...BELT_ROUTE, seatsTaken: 2 }
  const beside = (over: Partial<SeatingPosition>) => [
    buildPosition({ id: 'middle', label: 'Middle', lateralCentreMm: 0, ...over }),
  ]
  const kind = (others: readonly SeatingPosition[]) =>
    kindOf('place-two-adjacent', buildCase({ route, others, mode: { direction: 'lateral' } }))
  expect(kind(beside({}))).toBe('pass')
  expect(kind([])).toBe('fail')
  expect(kind(beside({ row: 3 }))).toBe('fail')
  expect(kind(beside({ lateralCentreMm: 141 }))).toBe('fail')
  expect(kind(beside({ facing: 'sideways' }))).toBe('fail')
  expect(kind(beside({ isDriverSeat: true }))).toBe('fail')
})
