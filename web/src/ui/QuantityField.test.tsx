import { act, fireEvent, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { type Fault, FittingId } from '@nimble-anchor/core/ground'
import type { Quantity } from '@nimble-anchor/core/quantities'
import { PAUSE_MS, useDrafts } from '../session/drafts.ts'
import { draftsOf, forgetDrafts } from '../session/waiting.ts'
import { QuantityField } from './QuantityField.tsx'

beforeEach(() => useDrafts.setState({ fittingId: undefined, texts: {} }))

const field = (over: Partial<Parameters<typeof QuantityField>[0]> = {}) => {
  const kept: (Quantity | null)[] = []
  const onChange = (q: Quantity | null): readonly Fault[] => {
    kept.push(q)
    return (q?.value ?? 0) > 800
      ? [{ path: '$.child.seatedShoulderHeightMm.value', message: 'must be at most 800 mm' }]
      : []
  }
  render(
    <QuantityField
      label="Shoulder"
      draftKey="shoulder"
      unit="cm"
      scale={0.1}
      defaultPlusMinus={8}
      quantity={undefined}
      onChange={onChange}
      {...over}
    />,
  )
  return kept
}
const type = async (label: string, text: string) => {
  await userEvent.clear(screen.getByLabelText(label))
  await userEvent.type(screen.getByLabelText(label), `${text}{Enter}`)
}

test.each([
  ['29.5', { value: 295, plusMinus: 8, source: 'measured' }],
  ['29,5', { value: 295, plusMinus: 8, source: 'measured' }],
])('typed in centimetres (%s), kept in millimetres, with the usual ±', async (text, quantity) => {
  const kept = field()
  await type('Shoulder', text)
  expect(kept).toEqual([quantity])
})

test('a ± of one’s own is kept with the value', async () => {
  const kept = field({ quantity: { value: 295, plusMinus: 8, source: 'measured' } })
  expect(screen.getByLabelText('Shoulder, plus or minus')).toHaveValue('0.8')
  await type('Shoulder, plus or minus', '0.4')
  expect(kept).toEqual([{ value: 295, plusMinus: 4, source: 'measured' }])
})

test('leaving a field as it was keeps nothing', async () => {
  const kept = field({ quantity: { value: 295, plusMinus: 8, source: 'told' } })
  await userEvent.click(screen.getByLabelText('Shoulder'))
  await userEvent.tab()
  await userEvent.tab()
  expect(kept).toEqual([])
})

test('an interval stays one until somebody changes it', async () => {
  const kept = field({ quantity: { from: 280, to: 310, source: 'estimated' } })
  expect(screen.getByLabelText('Shoulder')).toHaveValue('29.5')
  expect(screen.getByLabelText('Shoulder, plus or minus')).toHaveValue('1.5')
  await userEvent.click(screen.getByLabelText('Shoulder'))
  await userEvent.tab()
  expect(kept).toEqual([])
})

test('a limit is said in the unit that is shown; words are no number; empty takes the value away', async () => {
  const kept = field({ quantity: { value: 295, plusMinus: 8, source: 'measured' } })
  await type('Shoulder', '295')
  expect(screen.getByRole('alert')).toHaveTextContent('Shoulder must be at most 80 cm')
  await type('Shoulder', 'tall')
  expect(screen.getByRole('alert')).toHaveTextContent('Shoulder must be a number of cm')
  await userEvent.clear(screen.getByLabelText('Shoulder'))
  await userEvent.tab()
  expect(kept.at(-1)).toBeNull()
})

describe('what is typed and not entered yet', () => {
  const breath = () => act(() => new Promise((r) => setTimeout(r, 20)))
  beforeEach(async () => {
    await forgetDrafts(FittingId('f1'))
    await useDrafts.getState().load(FittingId('f1'))
  })
  afterEach(() => jest.useRealTimers())

  test('stands on the device from the first letter, and in the field when it comes back', async () => {
    const { unmount } = render(<QuantityField label="Slack" unit="mm" draftKey="slack" defaultPlusMinus={2} quantity={undefined} onChange={() => []} />) // prettier-ignore
    await userEvent.type(screen.getByLabelText('Slack'), '12')
    await breath()
    expect(await draftsOf(FittingId('f1'))).toMatchObject([{ key: 'f1/slack', text: '{"value":"12"}' }])
    // Back, a reload, a closed tab: the field goes without being left.
    unmount()
    useDrafts.setState({ fittingId: undefined, texts: {} })
    await useDrafts.getState().load(FittingId('f1'))
    const kept: (Quantity | null)[] = []
    render(<QuantityField label="Slack" unit="mm" draftKey="slack" defaultPlusMinus={2} quantity={undefined} onChange={(q) => (kept.push(q), [])} />) // prettier-ignore
    expect(screen.getByLabelText('Slack')).toHaveValue('12')
    await userEvent.click(screen.getByLabelText('Slack'))
    await userEvent.tab()
    await breath()
    expect(kept).toEqual([{ value: 12, plusMinus: 2, source: 'measured' }])
    expect(await draftsOf(FittingId('f1'))).toEqual([])
  })
  test('becomes one entry after a pause, also where the field stands on screen twice', async () => {
    jest.useFakeTimers()
    const kept: (Quantity | null)[] = []
    const twice = { label: 'Slack', unit: 'mm', draftKey: 'slack', defaultPlusMinus: 2, quantity: undefined, onChange: (q: Quantity | null) => (kept.push(q), []) } // prettier-ignore
    render(
      <>
        <QuantityField {...twice} />
        <QuantityField {...twice} />
      </>,
    )
    fireEvent.change(screen.getAllByLabelText('Slack')[0]!, { target: { value: '12' } })
    expect(screen.getAllByLabelText('Slack')[1]).toHaveValue('12')
    act(() => void jest.advanceTimersByTime(PAUSE_MS - 1))
    expect(kept).toEqual([])
    act(() => void jest.advanceTimersByTime(2))
    expect(kept).toHaveLength(1)
  })
  test('is entered only when the finger that left the field is up again', async () => {
    const kept = field()
    const box = screen.getByLabelText('Shoulder')
    await userEvent.type(box, '29')
    fireEvent.pointerDown(document.body)
    fireEvent.blur(box)
    await breath()
    expect(kept).toEqual([])
    fireEvent.pointerUp(document.body)
    await breath()
    expect(kept).toHaveLength(1)
  })
  test('a refused text stays as it was typed, and says why', async () => {
    field()
    await type('Shoulder', 'about 30')
    expect(screen.getByLabelText('Shoulder')).toHaveValue('about 30')
    expect(screen.getByRole('alert')).toHaveTextContent('must be a number of cm')
  })
})

test('where leaving one box fills the other under the finger, the next figure replaces what came', async () => {
  const props = { label: 'Angle', draftKey: 'angle', unit: '°', defaultPlusMinus: 1, onChange: () => [] }
  const { rerender } = render(<QuantityField {...props} quantity={undefined} />)
  const spread = screen.getByLabelText('Angle, plus or minus')
  await userEvent.click(spread)
  rerender(<QuantityField {...props} quantity={{ value: 0, plusMinus: 1, source: 'measured' }} />)
  expect(spread).toHaveValue('1')
  await userEvent.keyboard('3')
  expect(spread).toHaveValue('3')
})
