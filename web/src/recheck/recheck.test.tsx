import { FittingId, Sequence } from '@nimble-anchor/core/ground'
import type { FittingView } from '@nimble-anchor/core/formats'
import { act, fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { toast } from 'sonner'
import { buildCase, withEverythingGood } from '@nimble-anchor/core/testing'
import { api } from '../session/api.ts'
import RecheckPage from './RecheckPage.tsx'
import { notSo } from './words.ts'

const handover = { fitterName: 'Jory', carerName: 'Maren', signedAt: '2026-11-25T10:00:00Z' }
const view = (over: Partial<FittingView> = {}): FittingView => ({
  id: FittingId('f1'), status: 'signed', sequence: Sequence(9), createdAt: '', updatedAt: '', revises: null, elsewhere: false,
  holderId: null,
  case: { ...withEverythingGood(buildCase()), handover }, ...over,
}) // prettier-ignore
const get = jest.spyOn(api, 'fitting')
const keep = jest.spyOn(api, 'recheck')
const error = jest.spyOn(toast, 'error').mockReturnValue(1)
beforeEach(() => {
  get.mockReset()
  keep.mockReset()
})
const settle = () => act(() => Promise.resolve())
const show = async (v: FittingView) => {
  get.mockResolvedValue(v)
  render(
    <MemoryRouter initialEntries={['/fittings/f1/recheck']}>
      <Routes>
        <Route path="/fittings/:id/recheck" element={<RecheckPage />} />
      </Routes>
    </MemoryRouter>,
  )
  await settle()
}
const tap = (name: string) => fireEvent.click(screen.getByRole('button', { name }))
const tapAll = (name: string): number => {
  let taps = 0
  for (; screen.queryByRole('button', { name }) !== null && taps < 20; taps += 1) tap(name)
  return taps
}

test('every yes: as handed over, in ten taps at most; kept under the carer’s name', async () => {
  keep.mockResolvedValue({} as never)
  await show(view())
  expect(tapAll('Yes')).toBeLessThanOrEqual(10)
  expect(screen.getByRole('heading', { name: 'All as handed over' })).toBeInTheDocument()
  expect(screen.getByText(/a child travels only after a competent person/)).toBeInTheDocument()
  tap('Save it in the record')
  await settle()
  expect(keep.mock.calls[0]?.[1]).toBe('Maren')
  expect(Object.values(keep.mock.calls[0]?.[2] ?? {}).every((a) => a === 'yes')).toBe(true)
  expect(screen.getByRole('status')).toHaveTextContent('Kept in the record.')
})
test('what nobody can tell is no pass, and goes to a fitter', async () => {
  await show(view())
  tapAll('Cannot tell')
  expect(screen.getByRole('heading', { name: 'Not all could be told' })).toBeInTheDocument()
  expect(screen.getByText('Could not be told: ask a fitter')).toBeInTheDocument()
})
test('one tap back takes the answer again', async () => {
  await show(view())
  tap('No')
  tap('Back')
  tapAll('Yes')
  expect(screen.getByRole('heading', { name: 'All as handed over' })).toBeInTheDocument()
})
test('not kept is said, and can be tried again', async () => {
  keep.mockRejectedValue(new Error('The server does not answer.'))
  await show(view())
  tapAll('No')
  tap('Save it in the record')
  await settle()
  expect(error).toHaveBeenCalled()
  expect(screen.getByRole('button', { name: 'Save it in the record' })).toBeEnabled()
})
test('an open fitting is not looked at again', async () => {
  await show(view({ status: 'open' }))
  expect(screen.getByText(/Only a fitting that was handed over ready/)).toBeInTheDocument()
})
test('nor is one that left against advice', async () => {
  const left = view({})
  const advice = { ...handover, againstAdvice: { reason: 'a train', said: 'all' } }
  await show({ ...left, case: { ...left.case, handover: advice } })
  expect(screen.getByText(/Only a fitting that was handed over ready/)).toBeInTheDocument()
})
test('what was not so, in words', () => {
  const items = [{ id: 'leg', ask: 'The leg stands', how: '', ifNot: '' }]
  const row = { id: 'r', fittingId: FittingId('f'), answeredAt: '', who: '', kind: 'fail', items } as const
  expect(notSo({ ...row, answers: { leg: 'no' } })).toBe('Not so: The leg stands')
  expect(notSo({ ...row, answers: { leg: 'yes' } })).toBe('')
})
