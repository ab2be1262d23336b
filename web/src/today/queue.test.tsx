import { FittingId, IsoDate, UnitId, VehicleId } from '@nimble-anchor/core/ground'
import type { DayView, JobView, VisitView } from '@nimble-anchor/core/formats'
import { act, fireEvent, render, screen, waitFor, within } from '@testing-library/react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { api, Refused } from '../session/api.ts'
import { queries } from '../session/queries.ts'
import { DuePanel, JobsPanel } from './DuePanels.tsx'
import { Queue, timeNow } from './Queue.tsx'
import { pick } from '../../test/pick.ts'

const visit = (over: Partial<VisitView> = {}): VisitView => ({
  id: 'v1', day: IsoDate('2026-11-25'), time: '10:20', who: 'Hale', note: 'twins', isWalkIn: false, state: 'expected',
  familyId: null, childId: 'tamsin-hale', vehicleId: null, fitting: null, ...over,
}) // prettier-ignore
const day = (over: Partial<DayView> = {}): DayView => ({
  today: IsoDate('2026-11-25'),
  visits: [],
  due: [],
  dueWaiting: 0,
  jobs: [],
  ...over,
})

const add = jest.spyOn(api, 'addVisit')
const change = jest.spyOn(api, 'changeVisit')
const remove = jest.spyOn(api, 'removeVisit')
const create = jest.spyOn(api, 'create')
const load = jest.spyOn(api, 'day')
/** As the server has just said. */
const known = (d: DayView): void => {
  load.mockResolvedValue(d)
  jest.spyOn(api, 'fittings').mockResolvedValue([])
  queries.setQueryData(['today'], { fittings: [], day: d })
}
beforeEach(() => {
  for (const spy of [add, change, remove, create, load]) spy.mockReset()
  queries.setQueryData(['catalogue'], {
    format: 'nimble-anchor/catalogue', version: 1, children: [{ id: 'tamsin-hale', name: 'Tamsin', familyName: 'Hale' }],
  }) // prettier-ignore
})
const show = (d: DayView) => {
  known(d)
  render(
    <MemoryRouter>
      <Routes>
        <Route path="/" element={<Queue />} />
        <Route path="/fittings/:id/measure" element={<p>measuring</p>} />
      </Routes>
    </MemoryRouter>,
  )
}
const settle = () => act(() => Promise.resolve())

test('an empty queue says so; a walk-in needs only a name', async () => {
  add.mockResolvedValue(visit())
  show(day())
  expect(screen.getByText(/Nobody is booked for today/)).toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: 'Note a walk-in' }))
  const dialog = await screen.findByRole('dialog')
  fireEvent.click(within(dialog).getByRole('button', { name: 'Save' }))
  await settle()
  expect(within(dialog).getByLabelText('Who comes')).toHaveAccessibleDescription('Who comes? A name is needed.')
  expect(add).not.toHaveBeenCalled()
  pick(within(dialog).getByLabelText('Child, if known'), 'tamsin-hale')
  expect(within(dialog).getByLabelText('Who comes')).toHaveValue('Hale')
  fireEvent.click(within(dialog).getByRole('button', { name: 'Save' }))
  await settle()
  expect(add).toHaveBeenCalledWith(
    expect.objectContaining({ who: 'Hale', isWalkIn: true, state: 'here', childId: 'tamsin-hale', day: '2026-11-25' }),
  )
})
test('what the server refuses stands in the dialog, with the field', async () => {
  add.mockRejectedValue(new Refused(400, 'Nothing was saved.', [{ path: '$.time', message: 'must be a time, HH:MM' }], undefined)) // prettier-ignore
  show(day())
  fireEvent.click(screen.getByRole('button', { name: 'Book a visit' }))
  fireEvent.change(screen.getByLabelText('Who comes'), { target: { value: 'Penn' } })
  fireEvent.click(screen.getByRole('button', { name: 'Save' }))
  await settle()
  expect(screen.getByLabelText('Time')).toHaveAccessibleDescription('must be a time, HH:MM')
})
test('what it refuses of a field that has no place for it is said of the whole, by name', async () => {
  add.mockRejectedValue(new Refused(400, 'Nothing was saved.', [{ path: '$.vehicleId', message: 'is not known' }], undefined)) // prettier-ignore
  show(day())
  fireEvent.click(screen.getByRole('button', { name: 'Book a visit' }))
  fireEvent.change(screen.getByLabelText('Who comes'), { target: { value: 'Penn' } })
  fireEvent.click(screen.getByRole('button', { name: 'Save' }))
  await settle()
  expect(screen.getByRole('alert')).toHaveTextContent('Nothing was saved. vehicleId is not known')
})
test('begin: a fitting for the child and for its visit', async () => {
  create.mockResolvedValue({ id: 'f9', case: { child: { id: 'tamsin-hale' } } } as never)
  show(day({ visits: [visit({ vehicleId: VehicleId('corran-knot') })] }))
  fireEvent.click(screen.getByRole('button', { name: 'Begin the fitting of Hale' }))
  await settle()
  expect(create).toHaveBeenCalledWith('tamsin-hale', { vehicleId: VehicleId('corran-knot'), visitId: 'v1' })
  expect(screen.getByText('measuring')).toBeInTheDocument()
})
test.each([
  ['tamsin-hale', 'measuring'],
  ['another-child', 'Begin the fitting of Hale'],
])('begun on another device for %s: led there only where it is the same child', async (childId, shown) => {
  create.mockRejectedValue(new Refused(409, 'Tamsin was begun for this visit already: open it from the queue.', [], { id: 'f9', case: { child: { id: childId } } } as never)) // prettier-ignore
  show(day({ visits: [visit()] }))
  fireEvent.click(screen.getByRole('button', { name: 'Begin the fitting of Hale' }))
  await settle()
  expect(screen.queryByText(shown) ?? screen.getByRole('button', { name: shown })).toBeInTheDocument()
})
test('no child is known yet: begin asks who it is', async () => {
  jest.spyOn(api, 'health').mockResolvedValue({ today: IsoDate('2026-11-25') })
  create.mockResolvedValue({ id: 'f9', case: { child: { id: 'pip-quay' } } } as never)
  show(day({ visits: [visit({ childId: null, who: 'Quay', vehicleId: null })] }))
  fireEvent.click(screen.getByRole('button', { name: 'Begin the fitting of Quay' }))
  const dialog = await screen.findByRole('dialog', { name: 'New fitting' })
  // Nobody of that name is known: a child is added, with the family's name in place.
  expect(await within(dialog).findByLabelText('Family name')).toHaveValue('Quay')
  fireEvent.click(within(dialog).getByRole('button', { name: 'Begin' }))
  await settle()
  expect(within(dialog).getByRole('alert')).toHaveTextContent('Type the first name of the child.')
  expect(create).not.toHaveBeenCalled()
  fireEvent.change(within(dialog).getByLabelText('First name'), { target: { value: 'Pip' } })
  fireEvent.click(within(dialog).getByRole('button', { name: 'Begin' }))
  await settle()
  expect(create).toHaveBeenCalledWith({ name: 'Pip', familyName: 'Quay' }, expect.objectContaining({ visitId: 'v1' }))
})
test('a name that is known is looked for, and the family’s children stand to be chosen', async () => {
  jest.spyOn(api, 'health').mockResolvedValue({ today: IsoDate('2026-11-25') })
  show(day({ visits: [visit({ childId: null })] }))
  fireEvent.click(screen.getByRole('button', { name: 'Begin the fitting of Hale' }))
  const dialog = await screen.findByRole('dialog', { name: 'New fitting' })
  expect(within(dialog).getByLabelText('Find a child by name')).toHaveValue('Hale')
  expect(await within(dialog).findByRole('radio', { name: /Tamsin Hale/ })).toBeInTheDocument()
  expect(within(dialog).getByRole('radio', { name: /Add a child/ })).toBeInTheDocument()
})
test('its state is changed in place; taken off it can be put back', async () => {
  change.mockResolvedValue(visit())
  remove.mockResolvedValue({})
  show(day({ visits: [visit()] }))
  pick(screen.getByLabelText('Where Hale stands'), 'away')
  expect(change).toHaveBeenCalledWith(
    'v1',
    expect.objectContaining({ state: 'away', fittingId: null }),
    expect.objectContaining({ state: 'expected', fittingId: null }),
  )
  fireEvent.click(screen.getByRole('button', { name: 'Change the visit of Tamsin Hale' }))
  fireEvent.click(screen.getByRole('button', { name: 'Take off the queue' }))
  await settle()
  expect(remove).toHaveBeenCalledWith('v1')
})
test('the time now has two figures each', () => expect(timeNow(new Date(2026, 10, 25, 7, 5))).toBe('07:05'))

test('what has come due and which jobs wait stand beside it; nothing of them, nothing shown', async () => {
  const item = { id: 'next-check', kind: 'next-check', title: 'Look at the fit again', because: 'every 2 months', early: IsoDate('2026-11-20'), likely: IsoDate('2026-11-20'), late: IsoDate('2026-11-20'), isFixed: true } as const // prettier-ignore
  const due = [
    {
      fittingId: FittingId('f1'),
      familyId: 'fam',
      childName: 'Tamsin Hale',
      restraintName: 'Ravel Sheepshank',
      item,
      isPast: true,
    },
  ]
  const plan: JobView['plan'] = { kind: 'wash', title: 'Cover off, wash, back on', byMaker: false, holdsUnit: true, steps: [], checks: [] } // prettier-ignore
  const jobs: JobView[] = [{ id: 'j1', unitId: UnitId('u'), unitName: 'Ravel Bowline BW-1', fittingId: null, kind: 'wash', plan, record: { done: [], answers: {} }, state: 'steps', startedAt: '', endedAt: null, log: [] }] // prettier-ignore
  known(day({ due: due, jobs }))
  const both = (
    <MemoryRouter>
      <DuePanel />
      <JobsPanel />
    </MemoryRouter>
  )
  const { container } = render(both)
  expect(screen.getByRole('link', { name: 'Tamsin Hale' })).toHaveAttribute('href', '/families/fam')
  expect(screen.getByRole('link', { name: /Cover off/ })).toHaveTextContent('not for use until it is done')
  act(() => known(day()))
  await waitFor(() => expect(container).toHaveTextContent(/^$/))
})
