import fc from 'fast-check'
import { buildPosition } from '../../test/build.ts'
import {
  layoutPositions,
  LAYOUTS,
  measured,
  planOf,
  USUAL_PLAN,
  type LayoutName,
  type SeatingPosition,
} from '../index.ts'

const front = buildPosition({ id: 'front', row: 1, side: 'left', cushion: { depthMm: measured(500) } })
const driver = buildPosition({ id: 'driver', row: 1, side: 'right', lateralCentreMm: 380, isDriverSeat: true })
const rear = (id: string, side: SeatingPosition['side'], distance?: number) =>
  buildPosition({
    id,
    row: 2,
    side,
    ...(distance !== undefined && { frontClearanceMm: measured(distance) }),
  })
const seat = (positions: readonly SeatingPosition[], id: string, asSet?: ReadonlyMap<string, number>) => {
  const found = planOf({ positions: [...positions] }, asSet).seats.find((s) => s.position.id === id)
  if (!found) throw new Error(`No seat ${id}`)
  return found
}

test('worked: 700 mm from the rear backrest to the front seat, whose back is 110 mm thick', () => {
  const positions = [front, driver, rear('rl', 'left', 700), rear('rr', 'right', 650)]
  expect(seat(positions, 'rl').backY).toBe(0)
  expect(seat(positions, 'front')).toMatchObject({ backY: -810, depthMm: 500, isMeasured: true })
  expect(seat(positions, 'driver').backY).toBe(-760)
})

test('the seat in front as it is set moves the drawing', () => {
  const positions = [front, driver, rear('rl', 'left', 700)]
  expect(seat(positions, 'front', new Map([['rl', 640]])).backY).toBe(-750)
})

test('an unmeasured seat stands with its row, or at a usual distance, and says so', () => {
  expect(seat([front, driver, rear('rl', 'left', 700)], 'driver')).toMatchObject({ backY: -810, isMeasured: false })
  expect(seat([front, rear('rl', 'left')], 'front')).toMatchObject({
    backY: -USUAL_PLAN.distanceMm - USUAL_PLAN.backThicknessMm,
    isMeasured: false,
  })
})

test.each(Object.keys(LAYOUTS) as LayoutName[])('%s: every seat lies inside the body, rows in order', (layout) => {
  const plan = planOf({ positions: [...layoutPositions(layout, 'right')] })
  for (const s of plan.seats) {
    expect(Math.abs(s.x) + s.widthMm / 2).toBeLessThan(plan.halfWidthMm)
    expect(s.backY).toBeLessThan(plan.rearY)
    expect(s.footY[0]).toBeLessThanOrEqual(s.footY[1])
    expect(s.backY - s.depthMm).toBeGreaterThan(plan.dashY)
  }
  for (const a of plan.seats)
    for (const b of plan.seats) if (a.position.row < b.position.row) expect(a.backY).toBeLessThan(b.backY)
})

test('a taller driver never stands further forward', () => {
  fc.assert(
    fc.property(fc.integer({ min: 400, max: 900 }), fc.integer({ min: 0, max: 200 }), (d, less) => {
      const at = (mm: number) => seat([front, driver, rear('rr', 'right', mm)], 'driver').backY
      expect(at(d - less)).toBeGreaterThanOrEqual(at(d))
    }),
  )
})
