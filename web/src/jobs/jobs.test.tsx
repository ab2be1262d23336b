import { UnitId } from '@nimble-anchor/core/ground'
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
import { serve } from '../../test/served.ts'

const model: RestraintModel = buildModel([buildMode({ ...FORWARD, id: 'harness' }), buildMode(BOOSTER)])
const unit = buildUnit()
const contextOf = (id: string) => (id === unit.id ? { model, unit } : undefined)
const begin = jest.spyOn(api, 'beginJob')
const error = jest.spyOn(toast, 'error').mockReturnValue(1)
jest.spyOn(api, 'catalogue').mockResolvedValue({ format: 'nimble-anchor/catalogue', version: 1 } as never)
beforeEach(() => {
  for (const spy of [begin, error]) spy.mockReset()
})

/** A job on the shelf's unit, its first steps done, shown over a server in memory. */
async function show(done: number | 'passed' = 0) {
  const { server, line } = serve({}, contextOf)
  const ask = (path: string, body: object): JobView => {
    const answer = server.ask({ method: 'POST', path, body })
    expect(answer.status).toBeLessThan(400)
    return answer.body as JobView
  }
  const job = ask('jobs', { unitId: unit.id, kind: 'twisted-strap', who: 'Jory' })
  const { steps, checks } = job.plan
  for (const { id: stepId } of steps.slice(0, done === 'passed' ? undefined : done))
    ask(`jobs/${job.id}/steps`, { who: 'Jory', stepId, isDone: true })
  if (done === 'passed')
    for (const { id: checkId, options } of checks)
      ask(`jobs/${job.id}/answers`, { who: 'Jory', checkId, optionId: options.find((o) => o.means === 'pass')?.id })
  const settle = () =>
    act(async () => {
      for (let quiet = 0; quiet < 4; quiet = line.inFlight === 0 || line.gate ? quiet + 1 : 0)
        await new Promise((r) => setTimeout(r, 5))
    })
  render(
    <MemoryRouter initialEntries={[`/jobs/${job.id}`]}>
      <Routes>
        <Route path="/jobs/:id" element={<JobPage />} />
      </Routes>
    </MemoryRouter>,
  )
  await settle()
  const doneThere = () => server.jobs[job.id]?.record.done
  return { server, line, settle, job, ask, doneThere }
}

test('ticked faster than the server answers: each shows at once and is sent in turn', async () => {
  const { line, settle, doneThere, job } = await show()
  let answer = (): void => undefined
  line.gate = new Promise((r) => (answer = r))
  const boxes = screen.getAllByRole('checkbox')
  fireEvent.click(boxes[0]!)
  fireEvent.click(boxes[1]!)
  await settle()
  expect(boxes[0]).toBeChecked()
  expect(boxes[1]).toBeChecked()
  // The second waits for the answer to the first.
  expect([line.inFlight, doneThere()]).toEqual([1, []])
  line.gate = undefined
  answer()
  await settle()
  expect(doneThere()).toEqual(job.plan.steps.slice(0, 2).map((s) => s.id))
  expect(boxes[0]).toBeChecked()
  expect(boxes[1]).toBeChecked()
})
test('the checks come when every step is done; a failed one says what to do, and good it is finished', async () => {
  const all = planJob('twisted-strap', { model, unit }).steps.length
  const { settle, server, job } = await show(all - 1)
  expect(screen.getByText(/They come when every step is done/)).toBeInTheDocument()
  expect(screen.queryByRole('radio')).toBeNull()
  fireEvent.click(screen.getAllByRole('checkbox').at(-1)!)
  await settle()
  fireEvent.click(screen.getByText('still a turn in it'))
  await settle()
  expect(server.jobs[job.id]).toMatchObject({ state: 'failed', record: { answers: { 'strap-flat': 'bad' } } })
  expect(screen.getByText(/^Fold the strap to a triangle just above the tongue and slide/)).toBeInTheDocument()
  expect(screen.getByText('A check failed')).toBeInTheDocument()
})
test('refused: it is said, and what stands on the server is shown', async () => {
  const { ask, job, settle } = await show()
  // Finished on another device meanwhile.
  for (const { id: stepId } of job.plan.steps) ask(`jobs/${job.id}/steps`, { who: 'Maren', stepId, isDone: true })
  for (const { id: checkId, options } of job.plan.checks)
    ask(`jobs/${job.id}/answers`, { who: 'Maren', checkId, optionId: options.find((o) => o.means === 'pass')?.id })
  fireEvent.click(screen.getAllByRole('checkbox')[0]!)
  await settle()
  expect(error).toHaveBeenCalledWith('This job is finished; start it again.', expect.anything())
  for (const box of screen.getAllByRole('checkbox')) expect(box).toBeChecked()
})
test('the server away: it is said, and nothing stands as done that is not stored', async () => {
  const { line, settle, doneThere } = await show(1)
  line.isUp = false
  fireEvent.click(screen.getAllByRole('checkbox')[1]!)
  fireEvent.click(screen.getAllByRole('checkbox')[2]!)
  await settle()
  expect(error).toHaveBeenCalled()
  expect(screen.getAllByRole('checkbox').map((b) => b.getAttribute('aria-checked')).slice(0, 3)).toEqual(['true', 'false', 'false']) // prettier-ignore
  line.isUp = true
  fireEvent.click(screen.getAllByRole('checkbox')[1]!)
  await settle()
  expect(doneThere()).toHaveLength(2)
})
test('a finished job is closed', async () => {
  const { job } = await show('passed')
  for (const box of screen.getAllByRole('checkbox')) expect(box).toBeDisabled()
  expect(screen.getByText(`Who did what (${1 + job.plan.steps.length + job.plan.checks.length})`)).toBeInTheDocument()
})
test('a conversion needs two modes, and says which job is begun', async () => {
  begin.mockResolvedValue({ id: 'j1' } as JobView)
  render(
    <MemoryRouter>
      <BeginJob model={model} unit={unit} />
    </MemoryRouter>,
  )
  pick(screen.getByLabelText('Job'), 'convert')
  pick(screen.getByLabelText('It becomes'), 'harness')
  expect(screen.getByRole('button', { name: 'Begin the job' })).toBeDisabled()
  pick(screen.getByLabelText('It becomes'), 'booster')
  await act(async () => fireEvent.click(screen.getByRole('button', { name: 'Begin the job' })))
  expect(begin).toHaveBeenCalledWith({ unitId: UnitId('unit-1'), kind: 'convert', who: expect.any(String), fromModeId: 'harness', toModeId: 'booster' }) // prettier-ignore
})
