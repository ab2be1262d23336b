import { planJob } from '@nimble-anchor/core/aftercare'
import { type JobView } from '@nimble-anchor/core/formats'
import { type RestraintModel } from '@nimble-anchor/core/restraint'
import { act, fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { toast } from 'sonner'
import { buildMode, buildModel, buildUnit, FORWARD, BOOSTER } from '@nimble-anchor/core/testing'
import { api } from '../session/api.ts'
import { BeginJob } from './BeginJob.tsx'
import JobPage from './JobPage.tsx'
import { pick } from '../../test/pick.ts'

const model: RestraintModel = buildModel([buildMode({ ...FORWARD, id: 'harness' }), buildMode(BOOSTER)])
const plan = planJob('twisted-strap', { model })
const job = (over: Partial<JobView> = {}): JobView => ({
  id: 'j1', unitId: 'unit-1', unitName: 'Ravel Halyard HY-1', fittingId: null, kind: 'twisted-strap', plan,
  record: { done: [], answers: {} }, state: 'steps', startedAt: '2026-11-25T10:00:00Z', endedAt: null,
  log: [{ at: '2026-11-25T10:00:00Z', who: 'Jory', what: 'Begun' }], ...over,
}) // prettier-ignore

const get = jest.spyOn(api, 'job')
const step = jest.spyOn(api, 'jobStep')
const answer = jest.spyOn(api, 'jobAnswer')
const begin = jest.spyOn(api, 'beginJob')
const error = jest.spyOn(toast, 'error').mockReturnValue(1)
jest.spyOn(api, 'catalogue').mockResolvedValue({ format: 'nimble-anchor/catalogue', version: 1 } as never)
beforeEach(() => {
  for (const spy of [get, step, answer, begin, error]) spy.mockReset()
})
const settle = () => act(() => new Promise((r) => setTimeout(r, 5)))
const show = async (view: JobView) => {
  get.mockResolvedValue(view)
  render(
    <MemoryRouter initialEntries={['/jobs/j1']}>
      <Routes>
        <Route path="/jobs/:id" element={<JobPage />} />
      </Routes>
    </MemoryRouter>,
  )
  await settle()
}

test('ticked faster than the server answers: each shows at once and is sent in turn', async () => {
  const asked: { stepId: string; answer: (view: JobView) => void }[] = []
  step.mockImplementation((_id, _who, stepId) => new Promise((resolve) => asked.push({ stepId, answer: resolve })))
  await show(job())
  const boxes = screen.getAllByRole('checkbox')
  fireEvent.click(boxes[0]!)
  fireEvent.click(boxes[1]!)
  expect(boxes[0]).toBeChecked()
  expect(boxes[1]).toBeChecked()
  await settle()
  expect(asked.map((a) => a.stepId)).toEqual(['loosen'])
  await act(async () => asked[0]?.answer(job({ record: { done: ['loosen'], answers: {} } })))
  await settle()
  expect(asked.map((a) => a.stepId)).toEqual(['loosen', 'fold'])
  // The answer to the first knows nothing of the second, and does not take its tick away.
  expect(boxes[1]).toBeChecked()
})
test('the checks come when every step is done; a failed one says what to do', async () => {
  const done = plan.steps.map((s) => s.id)
  await show(job({ record: { done: done.slice(1), answers: {} } }))
  expect(screen.getByText(/They come when every step is done/)).toBeInTheDocument()
  expect(screen.queryByRole('radio')).toBeNull()
  step.mockResolvedValue(job({ record: { done, answers: {} }, state: 'checks' }))
  answer.mockResolvedValue(job({ record: { done, answers: { 'strap-flat': 'bad' } }, state: 'failed' }))
  fireEvent.click(screen.getAllByRole('checkbox')[0]!)
  await settle()
  fireEvent.click(screen.getByText('still a turn in it'))
  await settle()
  expect(answer).toHaveBeenCalledWith('j1', expect.any(String), 'strap-flat', 'bad')
  expect(screen.getByText(/^Fold the strap to a triangle just above the tongue and slide/)).toBeInTheDocument()
  expect(screen.getByText('A check failed')).toBeInTheDocument()
})
test('refused: it is said, and what stands on the server is shown', async () => {
  await show(job())
  step.mockRejectedValue(new Error('This job is finished; begin it anew.'))
  fireEvent.click(screen.getAllByRole('checkbox')[0]!)
  await settle()
  expect(error).toHaveBeenCalledWith('This job is finished; begin it anew.', expect.anything())
  expect(screen.getAllByRole('checkbox')[0]).not.toBeChecked()
})
test('a finished job is closed', async () => {
  await show(job({ state: 'passed', record: { done: plan.steps.map((s) => s.id), answers: { 'strap-flat': 'good' } } }))
  for (const box of screen.getAllByRole('checkbox')) expect(box).toBeDisabled()
  expect(screen.getByText('Who did what (1)')).toBeInTheDocument()
})
test('a conversion needs two modes, and says which job is begun', async () => {
  begin.mockResolvedValue(job())
  render(
    <MemoryRouter>
      <BeginJob model={model} unit={buildUnit()} />
    </MemoryRouter>,
  )
  pick(screen.getByLabelText('Job'), 'convert')
  pick(screen.getByLabelText('It becomes'), 'harness')
  expect(screen.getByRole('button', { name: 'Begin the job' })).toBeDisabled()
  pick(screen.getByLabelText('It becomes'), 'booster')
  fireEvent.click(screen.getByRole('button', { name: 'Begin the job' }))
  await settle()
  expect(begin).toHaveBeenCalledWith({ unitId: 'unit-1', kind: 'convert', who: expect.any(String), fromModeId: 'harness', toModeId: 'booster' }) // prettier-ignore
})
