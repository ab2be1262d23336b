import { fireEvent, render, screen } from '@testing-library/react'
import { useHold } from './useHold.ts'

const seen: string[] = []
function Held({ canHold = true }: { readonly canHold?: boolean }) {
  const { hold, letGo, handlers } = useHold<string>({
    onMove: (what) => seen.push(`move ${what}`),
    onDrop: (what) => seen.push(`drop ${what}`),
    onCancel: (what) => seen.push(`cancel ${what}`),
  })
  return (
    <div aria-label="all" {...handlers}>
      <button onPointerDown={(e) => canHold && hold('seat', e, null)}>seat</button>
      <button onClick={letGo}>let go</button>
    </div>
  )
}
const seat = () => screen.getByRole('button', { name: 'seat' })
const all = () => screen.getByLabelText('all')
beforeEach(() => {
  seen.length = 0
  render(<Held />)
})

test('held, moved, let go', () => {
  fireEvent.pointerMove(all(), { pointerId: 1 })
  fireEvent.pointerDown(seat(), { pointerId: 1 })
  fireEvent.pointerMove(all(), { pointerId: 1 })
  fireEvent.pointerUp(all(), { pointerId: 1 })
  fireEvent.pointerMove(all(), { pointerId: 1 })
  expect(seen).toEqual(['move seat', 'drop seat'])
})
test('taken away by the browser, nobody dropped it', () => {
  fireEvent.pointerDown(seat(), { pointerId: 1 })
  fireEvent.pointerCancel(all(), { pointerId: 1 })
  fireEvent.pointerUp(all(), { pointerId: 1 })
  expect(seen).toEqual(['cancel seat'])
})
test('let go by whoever holds it, it moves no more', () => {
  fireEvent.pointerDown(seat(), { pointerId: 1 })
  fireEvent.click(screen.getByRole('button', { name: 'let go' }))
  fireEvent.pointerMove(all(), { pointerId: 1 })
  fireEvent.pointerUp(all(), { pointerId: 1 })
  expect(seen).toEqual([])
})
