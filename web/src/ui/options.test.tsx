import { act, fireEvent, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { pick } from '../../test/pick.ts'
import { Choices } from './Choices.tsx'
import { SelectField } from './SelectField.tsx'

const OPTIONS = [
  { id: '', label: 'not recorded' },
  { id: 'held', label: 'held' },
  { id: 'gave', label: 'came off' },
]

describe('side by side', () => {
  const show = (value: string | undefined) => {
    const chosen: string[] = []
    render(<Choices legend="Left tug" value={value} options={OPTIONS.slice(1)} onChoose={(id) => chosen.push(id)} />)
    return chosen
  }
  test('passing over an option chooses nothing; Enter and Space do', async () => {
    const chosen = show(undefined)
    act(() => screen.getByRole('radio', { name: 'held' }).focus())
    await userEvent.keyboard('{ArrowRight}')
    expect(screen.getByRole('radio', { name: 'came off' })).toHaveFocus()
    expect(chosen).toEqual([])
    await userEvent.keyboard('{Enter}')
    expect(chosen).toEqual(['gave'])
  })
  test('pressed again, it stays chosen and nothing is entered', () => {
    const chosen = show('held')
    expect(screen.getByRole('radio', { name: 'held' })).toBeChecked()
    fireEvent.click(screen.getByRole('radio', { name: 'held' }))
    expect(chosen).toEqual([])
  })
})

describe('a list that opens', () => {
  const show = (value: string) => {
    const chosen: string[] = []
    render(<SelectField label="What is set" value={value} options={OPTIONS} onChange={(id) => chosen.push(id)} />)
    return { chosen, field: screen.getByLabelText('What is set') }
  }
  test('shows what is chosen, also where that is nothing', () => {
    expect(show('').field).toHaveTextContent('not recorded')
  })
  test('closed, neither an arrow nor a letter chooses; opened, going over and leaving does not either', async () => {
    const { chosen, field } = show('')
    act(() => field.focus())
    await userEvent.keyboard('h')
    await userEvent.keyboard('c')
    await userEvent.keyboard('{ArrowDown}')
    await userEvent.keyboard('{ArrowDown}{ArrowDown}')
    await userEvent.keyboard('{Escape}')
    expect(chosen).toEqual([])
  })
  test('an option that is taken counts, the empty one too', () => {
    const { chosen, field } = show('held')
    pick(field, 'gave')
    pick(field, '')
    expect(chosen).toEqual(['gave', ''])
  })
})
