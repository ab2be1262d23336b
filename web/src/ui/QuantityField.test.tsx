import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import type { Fault, Quantity } from '@nimble-anchor/core'
import { QuantityField } from './QuantityField.tsx'

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
