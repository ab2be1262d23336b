import { FittingId, Sequence } from '@nimble-anchor/core/ground'
import type { Case } from '@nimble-anchor/core/casefile'
import type { FittingView } from '@nimble-anchor/core/formats'
import { measured } from '@nimble-anchor/core/quantities'
import { act, fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { toast } from 'sonner'
import { buildCase } from '@nimble-anchor/core/testing'
import { api } from '../../session/api.ts'
import { useFitting } from '../../session/fitting.ts'
import { ReviseButton, RevisionPanel } from './Revision.tsx'

const signed = buildCase()
const view = (id: string, revises: string | null, c: Case = signed): FittingView => ({
  id: FittingId(id), status: 'open', sequence: Sequence(1), createdAt: '', updatedAt: '', revises: revises === null ? null : FittingId(revises), elsewhere: false,
  holderId: null, case: c,
}) // prettier-ignore
const fitting = jest.spyOn(api, 'fitting')
const revise = jest.spyOn(api, 'revise')
const error = jest.spyOn(toast, 'error').mockImplementation(() => '')
beforeEach(() => {
  fitting.mockReset().mockResolvedValue(view('old', null))
  revise.mockReset().mockResolvedValue(view('new', 'old'))
  error.mockClear()
})

const panel = async (current: Case, revises: string | null = 'old') => {
  useFitting.setState({ view: view('new', revises) })
  const shown = render(
    <MemoryRouter>
      <RevisionPanel current={current} />
    </MemoryRouter>,
  )
  await act(() => Promise.resolve())
  return shown
}

test('what a revision says otherwise, in words, with the way to the signed one', async () => {
  await panel({ ...signed, child: { ...signed.child, massKg: measured(11.2, 0.1) } })
  expect(screen.getByRole('listitem')).toHaveTextContent('Mass: 10.4 ± 0.1 kg, now 11.2 ± 0.1 kg')
  expect(screen.getByRole('link', { name: 'The signed one' })).toHaveAttribute('href', '/fittings/old/hand-over')
})
test('nothing otherwise yet is said; a fitting that revises nothing has no such panel', async () => {
  const { unmount } = await panel(signed)
  expect(screen.getByText(/Nothing is said otherwise yet/)).toBeInTheDocument()
  unmount()
  const { container } = await panel(signed, null)
  expect(container).toBeEmptyDOMElement()
})

describe('the button', () => {
  const press = async () => {
    render(
      <MemoryRouter initialEntries={['/']}>
        <Routes>
          <Route path="/" element={<ReviseButton fittingId={FittingId('old')} />} />
          <Route path="/fittings/:id/hand-over" element={<p>opened</p>} />
        </Routes>
      </MemoryRouter>,
    )
    fireEvent.click(screen.getByRole('button', { name: 'Correct it in a new revision' }))
    await act(() => Promise.resolve())
  }
  test('begins one and opens it', async () => {
    await press()
    expect(revise).toHaveBeenCalledWith('old')
    expect(screen.getByText('opened')).toBeInTheDocument()
  })
  test('a refusal is said, and it can be tried again', async () => {
    revise.mockRejectedValue(new Error('The server does not answer.'))
    await press()
    expect(error).toHaveBeenCalledWith('The server does not answer.')
    expect(screen.getByRole('button')).toBeEnabled()
  })
})
