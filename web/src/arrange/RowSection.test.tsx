import type { Names, RowOf } from '@nimble-anchor/core/arrange'
import { render, screen } from '@testing-library/react'
import type { Vehicle } from '@nimble-anchor/core/vehicle'
import { RowSection, sectionText } from './RowSection.tsx'

const vehicle = {
  id: 'car',
  maker: 'Corran',
  model: 'Plover',
  driverSide: 'left',
  positions: [
    { id: 'left', label: 'Rear left', row: 2, side: 'left', lateralCentreMm: -400 },
    { id: 'right', label: 'Rear right', row: 2, side: 'right', lateralCentreMm: 400 },
  ],
  rows: [{ row: 2, trimLeftMm: 650, trimRightMm: 650 }],
} as Vehicle
const names: Names = {
  rider: (id) => ({ ash: 'Ash', bay: 'Bay' })[id] ?? id,
  place: (_, id) => vehicle.positions.find((p) => p.id === id)?.label ?? id,
  model: (id) => id,
  pin: String,
}
const widths = { hipBack: { leftMm: 200, rightMm: 200, isStated: true } }
const stand = (riderId: string, positionId: string, centreMm: number, shiftMm = 0) => ({
  riderId,
  positionId,
  centreMm,
  shiftMm,
  shiftFromMm: shiftMm - 5,
  shiftToMm: shiftMm + 5,
  widths,
})
const ROW: RowOf = {
  row: 2,
  state: 'certain',
  marginMm: 355,
  stands: [stand('ash', 'left', -400, -15), stand('bay', 'right', 400)],
  gaps: [{ leftId: 'ash', rightId: 'bay', point: 'hipBack', gapMm: 415, neededMm: 30, state: 'clear' }],
}

test('the drawing says in words what it shows: who stands where, moved how far, with what between', () => {
  render(<RowSection row={ROW} vehicle={vehicle} names={names} />)
  expect(screen.getByRole('img')).toHaveAccessibleName(
    'From behind, left to right: Ash at Rear left, moved 15 mm to the left; Bay at Rear right; 415 mm between Ash and Bay at hip height, 30 mm needed.',
  )
  expect(screen.getByText('415')).toBeInTheDocument()
})

test('a gap that nobody knows is a question, one that may be missing is marked so', () => {
  const open = (gapMm: number | undefined): RowOf => ({ ...ROW, state: 'possible', gaps: [{ ...ROW.gaps[0]!, gapMm, state: 'open' }] }) // prettier-ignore
  expect(sectionText({ row: open(undefined), vehicle, names })).toContain('how wide Ash and Bay are is not known')
  const { rerender } = render(<RowSection row={open(undefined)} vehicle={vehicle} names={names} />)
  expect(screen.getByText('?')).toBeInTheDocument()
  rerender(<RowSection row={open(-20)} vehicle={vehicle} names={names} />)
  expect(screen.getByText('≥ −20')).toBeInTheDocument()
})

test('without the middles of the places nothing is drawn to scale', () => {
  render(<RowSection row={{ ...ROW, stands: [], gaps: [] }} vehicle={vehicle} names={names} />)
  expect(screen.queryByRole('img')).toBeNull()
  expect(screen.getByText(/not measured/)).toBeInTheDocument()
})
