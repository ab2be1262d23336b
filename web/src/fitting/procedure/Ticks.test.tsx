import { fireEvent, render, screen } from '@testing-library/react'
import { useDrafts } from '../../session/drafts.ts'
import { Ticks } from './Ticks.tsx'

const LINES = ['Lap: under blue guide, left.', 'Lap: under blue guide, right.', 'Diagonal: over red hook, left.']
const box = (name: string) => screen.getByRole('checkbox', { name })
afterEach(() => useDrafts.getState().clear())

test('the last tick of all makes the entry, in whatever order; one taken off again does not', () => {
  const onAll = jest.fn()
  render(<Ticks draftKey="belt-path.1" lines={LINES} onAll={onAll} />)
  fireEvent.click(box(LINES[2]!))
  fireEvent.click(box(LINES[0]!))
  fireEvent.click(box(LINES[2]!))
  fireEvent.click(box(LINES[1]!))
  expect(onAll).not.toHaveBeenCalled()
  fireEvent.click(box(LINES[2]!))
  expect(onAll).toHaveBeenCalledTimes(1)
})

test('what is ticked so far outlives the page; another look begins anew', () => {
  const { unmount } = render(<Ticks draftKey="belt-path.1" lines={LINES} onAll={() => undefined} />)
  fireEvent.click(box(LINES[0]!))
  unmount()
  const again = render(<Ticks draftKey="belt-path.1" lines={LINES} onAll={() => undefined} />)
  expect(box(LINES[0]!).getAttribute('aria-checked')).toBe('true')
  again.unmount()
  render(<Ticks draftKey="belt-path.2" lines={LINES} onAll={() => undefined} />)
  expect(box(LINES[0]!).getAttribute('aria-checked')).toBe('false')
})
