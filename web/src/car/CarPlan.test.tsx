import { fireEvent, render, screen } from '@testing-library/react'
import { layoutPositions, planOf, type SeatingPosition } from '@nimble-anchor/core/vehicle'
import { buildPosition } from '@nimble-anchor/core/testing'
import { withLetter } from '../vehicles/HandbookGrid.tsx'
import { CarPlan } from './CarPlan.tsx'

const vehicle = { maker: 'Corran', model: 'Plover', positions: [...layoutPositions('five-seater', 'right')] }
const edit = { onMove: jest.fn(), onDoor: jest.fn() }
beforeEach(() => {
  edit.onMove.mockClear()
  edit.onDoor.mockClear()
})

test('the arrow keys move a place sideways by 10 mm and from row to row', () => {
  render(<CarPlan vehicle={vehicle} onSelect={() => undefined} edit={edit} />)
  const place = screen.getByRole('button', { name: 'Rear left, row 2, left, not measured' })
  fireEvent.keyDown(place, { key: 'ArrowLeft' })
  expect(edit.onMove).toHaveBeenLastCalledWith('rear-left', { lateralCentreMm: -470, row: 2 })
  fireEvent.keyDown(place, { key: 'ArrowUp' })
  expect(edit.onMove).toHaveBeenLastCalledWith('rear-left', { lateralCentreMm: undefined, row: 1 })
  fireEvent.keyDown(screen.getByRole('button', { name: /^Front left/ }), { key: 'ArrowUp' })
  expect(edit.onMove).toHaveBeenLastCalledWith('front-left', { lateralCentreMm: undefined, row: 1 })
})

test('dragged, a place follows the hand in steps and snaps to the nearest row', () => {
  const { container } = render(<CarPlan vehicle={vehicle} onSelect={() => undefined} edit={edit} />)
  const svg = container.querySelector('svg') as SVGSVGElement
  const [x = 0, y = 0, width = 0, height = 0] = (svg.getAttribute('viewBox') ?? '').split(' ').map(Number)
  svg.getBoundingClientRect = () => ({ left: 0, top: 0, width, height }) as DOMRect
  svg.setPointerCapture = () => undefined
  const seats = planOf(vehicle).seats
  const seat = seats.find((s) => s.position.id === 'rear-left')
  const front = seats.find((s) => s.position.id === 'front-left')
  if (!seat || !front) throw new Error('both stand in a five-seater')
  const at = (cx: number, cy: number) => ({ bubbles: true, clientX: cx - x, clientY: cy - y })
  const centre = (s: typeof seat): number => s.backY - s.depthMm / 2
  fireEvent(screen.getByRole('button', { name: /^Rear left/ }), new MouseEvent('pointerdown', at(seat.x, centre(seat))))
  fireEvent(svg, new MouseEvent('pointermove', at(seat.x + 52, centre(seat) + 30)))
  expect(edit.onMove).toHaveBeenLastCalledWith('rear-left', { lateralCentreMm: -410, row: 2 })
  fireEvent(svg, new MouseEvent('pointermove', at(seat.x, centre(front) + 40)))
  expect(edit.onMove).toHaveBeenLastCalledWith('rear-left', { lateralCentreMm: undefined, row: 1 })
  fireEvent(svg, new MouseEvent('pointerup', at(seat.x, 0)))
  edit.onMove.mockClear()
  fireEvent(svg, new MouseEvent('pointermove', at(seat.x, 0)))
  expect(edit.onMove).not.toHaveBeenCalled()
})

test('a door mark is carried to the other side', () => {
  const positions = vehicle.positions.map((p): SeatingPosition =>
    p.id === 'rear-left' ? { ...p, doorSide: 'left' } : p,
  )
  render(<CarPlan vehicle={{ ...vehicle, positions }} onSelect={() => undefined} edit={edit} />)
  fireEvent.keyDown(screen.getByRole('button', { name: 'Door of Rear left: left; move to the right' }), {
    key: 'Enter',
  })
  expect(edit.onDoor).toHaveBeenCalledWith('rear-left', 'right')
})

test('without an editor nothing moves; a tap selects, the driver’s seat does not', () => {
  const onSelect = jest.fn()
  const { container } = render(
    <CarPlan vehicle={vehicle} onSelect={onSelect} decisions={new Map([['rear-left', 'fail']])} />,
  )
  expect(screen.queryByRole('button')).not.toBeInTheDocument()
  for (const g of container.querySelectorAll('svg > g')) fireEvent.click(g)
  expect(onSelect.mock.calls.flat()).not.toContain('front-right')
  expect(onSelect).toHaveBeenCalledWith('rear-left')
})

test('what stands in a place is drawn: bars, belts, boxes, consoles, airbags, tethers', () => {
  const full = buildPosition({
    isofix: { bars: 'recessed' },
    belt: { kind: 'lap' },
    floor: { kind: 'box-not-allowed' },
    obstacles: ['tunnel', 'centre-console', 'raised-floor', 'removable-console'],
    tether: { where: 'roof' },
    frontAirbag: 'cannot-be-switched-off',
    headRestraint: 'removable',
  })
  const bare = buildPosition({
    isofix: undefined,
    belt: undefined,
    floor: undefined,
    tether: undefined,
    frontAirbag: undefined,
    headRestraint: undefined,
  })
  const shapes = (p: SeatingPosition): number => {
    const { container } = render(<CarPlan vehicle={{ ...vehicle, positions: [p] }} onSelect={() => undefined} />)
    return container.querySelectorAll('path, rect').length
  }
  expect(shapes(full) - shapes(bare)).toBeGreaterThanOrEqual(12)
})

describe('a letter of the handbook', () => {
  const p = buildPosition({ handbook: { beltGroups: { '0': 'U', I: 'UF' }, isofix: 'IUF', fixtures: ['R3'] } })
  test.each([
    ['0+', 'L', { beltGroups: { '0': 'U', '0+': 'L', I: 'UF' }, isofix: 'IUF', fixtures: ['R3'] }],
    ['0', '', { beltGroups: { I: 'UF' }, isofix: 'IUF', fixtures: ['R3'] }],
    ['isofix', 'X', { beltGroups: { '0': 'U', I: 'UF' }, isofix: 'X', fixtures: ['R3'] }],
    ['isofix', '', { beltGroups: { '0': 'U', I: 'UF' }, fixtures: ['R3'] }],
    ['iSize', 'i-U', { beltGroups: { '0': 'U', I: 'UF' }, isofix: 'IUF', iSize: 'i-U', fixtures: ['R3'] }],
  ])('%s set to "%s"', (row, letter, handbook) => {
    expect(withLetter(p, row, letter).handbook).toEqual(handbook)
  })
})
