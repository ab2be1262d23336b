import { act, fireEvent, render, screen } from '@testing-library/react'
import { Refused } from '../session/api.ts'
import { TextField } from '../ui/TextField.tsx'
import { useFields } from './useFields.ts'

interface Typed {
  readonly name: string
  readonly note: string
}
function Shown({ work }: { readonly work: (typed: Typed) => Promise<unknown> | void }) {
  const { values, set, faultOf, fault, say, isRight, isBusy, take, send } = useFields<Typed, 'name' | 'note'>(
    { name: '', note: 'as it was' },
    ['name', 'note'],
    ({ name, note }) => ({
      name: name.trim() === '' ? 'needs a name' : undefined,
      note: note.length > 12 ? 'is too long' : undefined,
    }),
  )
  return (
    <form onSubmit={send(work)}>
      <TextField label="Name" value={values.name} fault={faultOf('name')} onChange={set('name')} />
      <TextField label="Note" value={values.note} fault={faultOf('note')} onChange={set('note')} />
      <p data-testid="whole">{fault}</p>
      <p data-testid="state">{`${isRight ? 'right' : 'wrong'} ${isBusy ? 'busy' : 'idle'}`}</p>
      <button type="button" onClick={() => take({ name: 'taken', note: '' })}>
        take
      </button>
      <button type="button" onClick={() => say('said')}>
        say
      </button>
      <button type="submit">send</button>
    </form>
  )
}
const type = (label: string, text: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value: text } })
const press = (name: string) => act(async () => void fireEvent.click(screen.getByRole('button', { name })))
const faults = () => screen.queryAllByRole('alert').map((e) => e.textContent)
const state = () => screen.getByTestId('state').textContent
const whole = () => screen.getByTestId('whole').textContent

test('nothing is red before it is sent; then the first that is wrong has the keyboard, and goes as it is put right', async () => {
  const work = jest.fn()
  render(<Shown work={work} />)
  type('Note', 'much too long a note')
  expect([faults(), state()]).toEqual([[], 'wrong idle'])
  await press('send')
  await act(() => new Promise((r) => setTimeout(r, 1)))
  expect(faults()).toEqual(['needs a name', 'is too long'])
  expect(screen.getByLabelText('Name')).toHaveFocus()
  await act(async () => void type('Name', 'Pip'))
  expect(faults()).toEqual(['is too long'])
  await act(async () => void type('Note', 'short'))
  expect([faults(), state(), work.mock.calls.length]).toEqual([[], 'right idle', 0])
  await press('send')
  expect(work.mock.calls.map(([typed]) => typed as Typed)).toEqual([{ name: 'Pip', note: 'short' }])
})
test('what the server refuses stands at its field; what names no field of it, under the whole; the next try begins anew', async () => {
  const refusals = [
    new Refused(400, 'Nothing was saved.', [{ path: '$.note', message: 'is not known' }], undefined),
    new Refused(400, 'Nothing was saved.', [{ path: '$.other', message: 'is wrong' }], undefined),
    new Error('The server does not answer.'),
  ]
  render(<Shown work={() => (refusals.length > 0 ? Promise.reject(refusals.shift() as Error) : undefined)} />)
  await act(async () => void type('Name', 'Pip'))
  await press('send')
  expect([faults(), whole(), state()]).toEqual([['is not known'], '', 'right idle'])
  await press('send')
  expect([faults(), whole()]).toEqual([[], 'Nothing was saved. other is wrong'])
  await press('send')
  expect([faults(), whole()]).toEqual([[], 'The server does not answer.'])
  await press('send')
  expect([faults(), whole()]).toEqual([[], ''])
})
test('busy until it is done', async () => {
  let end = (): void => undefined
  render(<Shown work={() => new Promise<void>((r) => (end = r))} />)
  await act(async () => void type('Name', 'Pip'))
  await press('send')
  expect(state()).toBe('right busy')
  await act(async () => end())
  expect(state()).toBe('right idle')
})
test('other values are taken whole, and what was said is gone', async () => {
  render(<Shown work={() => undefined} />)
  await press('send')
  await press('say')
  expect([faults(), whole()]).toEqual([['needs a name'], 'said'])
  await press('take')
  expect([faults(), whole(), screen.getByLabelText<HTMLInputElement>('Name').value]).toEqual([[], '', 'taken'])
})
