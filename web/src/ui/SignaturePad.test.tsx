import { act, fireEvent, render, screen } from '@testing-library/react'
import { useState } from 'react'
import { SignaturePad } from './SignaturePad.tsx'

/** The library draws on a canvas, which jsdom has none of; what was drawn is put in its mouth. */
const pads: FakePad[] = []
class FakePad {
  penColor = 'black'
  data: readonly { readonly points: readonly { x: number; y: number }[] }[] = []
  readonly clear = jest.fn()
  readonly off = jest.fn()
  ended: () => void = () => undefined
  constructor() {
    pads.push(this)
  }
  fromData(data: FakePad['data']): void {
    this.data = data
  }
  toData(): FakePad['data'] {
    return this.data
  }
  addEventListener(_: string, listener: () => void): void {
    this.ended = listener
  }
}
jest.mock('signature_pad', () => ({
  __esModule: true,
  default: class {
    constructor() {
      return new FakePad()
    }
  },
}))

function Field({ initial = '' }: { readonly initial?: string }) {
  const [strokes, setStrokes] = useState(initial)
  return <SignaturePad label="Carer’s signature" strokes={strokes} onChange={setStrokes} />
}
beforeEach(() => {
  pads.length = 0
  jest.spyOn(HTMLCanvasElement.prototype, 'getContext').mockReturnValue(null)
  jest.spyOn(Element.prototype, 'getBoundingClientRect').mockReturnValue({ left: 0, top: 0, width: 600, height: 200 } as DOMRect) // prettier-ignore
})
afterEach(() => jest.restoreAllMocks())

test('a line that was drawn is kept when the hand is lifted; cleared, the field is empty', () => {
  render(<Field />)
  expect(screen.getByRole('img')).toHaveAccessibleName('Carer’s signature: nothing drawn')
  const [pad] = pads
  if (!pad) throw new Error('the field has its pad')
  pad.data = [{ points: [{ x: 20, y: 40 }, { x: 80, y: 100 }] }] // prettier-ignore
  act(() => pad.ended())
  expect(screen.getByRole('img')).toHaveAccessibleName('Carer’s signature: drawn')
  expect(pad.clear).not.toHaveBeenCalled()
  fireEvent.click(screen.getByRole('button', { name: 'Clear: Carer’s signature' }))
  expect(screen.getByRole('img')).toHaveAccessibleName('Carer’s signature: nothing drawn')
  expect(pad.clear).toHaveBeenCalledTimes(1)
})
test('what was drawn before stands when the field comes back, and nothing listens once it has gone', () => {
  const { unmount } = render(<Field initial="M10 20L10 20L40 50" />)
  const [pad] = pads
  expect(pad?.data).toMatchObject([{ points: [{ x: 20, y: 40 }, { x: 20, y: 40 }, { x: 80, y: 100 }] }]) // prettier-ignore
  unmount()
  expect(pad?.off).toHaveBeenCalled()
})
