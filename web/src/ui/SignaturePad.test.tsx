import { strokesSchema } from '@nimble-anchor/core/casefile'
import { fireEvent, render, screen } from '@testing-library/react'
import { useEffect, useState } from 'react'
import { SignaturePad } from './SignaturePad.tsx'

const changed = jest.fn<void, [string]>()
function Pad() {
  const [strokes, setStrokes] = useState('')
  useEffect(() => changed(strokes), [strokes])
  return <SignaturePad label="Carer’s signature" strokes={strokes} onChange={setStrokes} />
}
const pad = () => screen.getByRole('img')
const drawn = (): string => changed.mock.calls.at(-1)?.[0] ?? ''
/** jsdom knows no place of a pointer; a mouse has one. */
const point = (type: 'down' | 'move' | 'up', clientX = 0, clientY = 0) =>
  fireEvent(pad(), new MouseEvent(`pointer${type}`, { bubbles: true, clientX, clientY }))
beforeEach(() => {
  // Twice as large on the screen as its field.
  jest.spyOn(Element.prototype, 'getBoundingClientRect').mockReturnValue({ left: 10, top: 20, width: 600, height: 200 } as DOMRect) // prettier-ignore
  render(<Pad />)
})
afterEach(() => jest.restoreAllMocks())

test('strokes are drawn on the field, in its own measure, as a document keeps them', () => {
  point('down', 30, 60)
  point('move', 31, 60)
  point('move', 90, 120)
  point('up')
  point('move', 200, 120)
  expect(drawn()).toBe('M10 20L10 20L40 50')
  point('down', 5000, -50)
  expect(drawn()).toBe('M10 20L10 20L40 50M300 0L300 0')
  expect(strokesSchema.safeParse(drawn()).success).toBe(true)
  expect(pad()).toHaveAccessibleName('Carer’s signature: drawn')
  fireEvent.click(screen.getByRole('button', { name: 'Clear: Carer’s signature' }))
  expect(drawn()).toBe('')
})
test('however long somebody draws, a document still keeps it', () => {
  point('down', 10, 20)
  for (let i = 0; i < 2500; i += 1) point('move', 10 + (i % 2) * 500, 40 + (i % 7) * 20)
  expect(strokesSchema.safeParse(drawn()).success).toBe(true)
})
