import { fireEvent, render, screen } from '@testing-library/react'
import { useState } from 'react'
import { DateField } from './DateField.tsx'
import { dayText } from './days.ts'

function Held({ told }: { readonly told: (iso: string) => void }) {
  const [value, setValue] = useState('')
  return (
    <DateField
      label="Made on"
      value={value}
      fault="refused"
      onChange={(iso) => {
        told(iso)
        setValue(iso)
      }}
    />
  )
}

test('a day is told as it is understood; what is none goes out as typed, to be refused, and is never no day at all', () => {
  const told = jest.fn<void, [string]>()
  render(<Held told={told} />)
  const field = screen.getByLabelText('Made on')
  fireEvent.change(field, { target: { value: dayText('2026-04-03') } })
  expect(told).toHaveBeenLastCalledWith('2026-04-03')
  fireEvent.change(field, { target: { value: '31/31/2026' } })
  expect(told).toHaveBeenLastCalledWith('31/31/2026')
  // Still being typed: no red, not even the keeper's.
  expect(screen.queryByRole('alert')).toBeNull()
  fireEvent.blur(field)
  expect(screen.getByRole('alert')).toHaveTextContent('must be a day as')
  expect(field).toHaveValue('31/31/2026')
  fireEvent.change(field, { target: { value: '' } })
  expect(told).toHaveBeenLastCalledWith('')
})
