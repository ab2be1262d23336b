import { FittingId, IsoDate, ModelId } from '@nimble-anchor/core/ground'
import type { AheadItem } from '@nimble-anchor/core/ahead'
import type { AheadView, FittingView } from '@nimble-anchor/core/formats'
import { act, fireEvent, render, screen, within } from '@testing-library/react'
import { buildCase } from '@nimble-anchor/core/testing'
import { api } from '../session/api.ts'
import { useFitting } from '../session/fitting.ts'
import { queries } from '../session/queries.ts'
import { RoadAhead, useAhead } from './RoadAhead.tsx'

const Shown = () => <RoadAhead fittingId={FittingId('f1')} today={IsoDate('2026-11-25')} known={useAhead()} />

const item = (over: Partial<AheadItem> = {}): AheadItem => ({
  id: 'strap-up',
  kind: 'strap-up',
  title: 'Straps up to slot 4 (305 mm)',
  because: 'the shoulder has grown past the present one',
  early: IsoDate('2027-02-09'),
  likely: IsoDate('2027-05-25'),
  late: IsoDate('2027-11-05'),
  isFixed: false,
  ...over,
})
const leg = {
  modelId: ModelId('a'),
  modelName: 'Ravel Sheepshank',
  modeLabel: 'Rearward',
  serial: 'SK-1',
  isNew: false,
  isUnsure: false,
}
const VIEW: AheadView = {
  asOf: IsoDate('2026-11-25'),
  items: [
    item({
      id: 'next',
      kind: 'next-check',
      title: 'Look at the fit again',
      isFixed: true,
      likely: IsoDate('2027-01-25'),
    }),
    item(),
  ],
  sequences: [
    {
      by: 'profile',
      restraints: 1,
      legs: [{ ...leg, from: IsoDate('2026-11-25'), mayBeginFrom: IsoDate('2026-11-25'), to: IsoDate('2029-03-01') }],
      gaps: [{ from: IsoDate('2029-03-01'), to: IsoDate('2029-08-01') }],
    },
    {
      by: 'fewest',
      restraints: 1,
      legs: [{ ...leg, from: IsoDate('2026-11-25'), mayBeginFrom: IsoDate('2026-11-25') }],
      gaps: [],
    },
  ],
}
const ahead = jest.spyOn(api, 'ahead')
const saved = (sequence: number): void =>
  useFitting.setState({
    view: { id: 'f1', sequence, status: 'open', createdAt: '', updatedAt: '', case: buildCase() } as FittingView,
    saving: 'saved',
  })

const breath = () => act(() => new Promise<void>((r) => setTimeout(r, 5)))

beforeEach(() => {
  queries.clear()
  ahead.mockReset().mockResolvedValue(VIEW)
  saved(3)
})
const show = async () => {
  render(<Shown />)
  await breath()
}

test('each item says when, how far that is known, and why; each can be reached by key', async () => {
  await show()
  const list = screen.getAllByRole('list')[0]
  if (!list) throw new Error('there is a timeline')
  expect(within(list).getAllByRole('listitem')).toHaveLength(2)
  expect(list).toHaveTextContent(
    'about May 2027 (from Feb 2027 to Nov 2027); the shoulder has grown past the present one',
  )
  for (const li of within(list).getAllByRole('listitem')) expect(li).toHaveAttribute('tabindex', '0')
  expect(screen.getByRole('button', { name: 'Calendar' })).toBeInTheDocument()
})

test('a gap on the shelf is said with its months; the other way opens when asked for', async () => {
  await show()
  expect(screen.getByText('nothing on the shelf').closest('li')).toHaveTextContent('Mar 2029 to Aug 2029')
  expect(screen.queryByText(/onwards/)).not.toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: 'Show' }))
  expect(screen.getByText(/onwards/)).toBeInTheDocument()
})

test('a road of another day says from when it is counted', async () => {
  await show()
  expect(screen.queryByText(/Counted from/)).toBeNull()
  ahead.mockResolvedValue({ ...VIEW, asOf: IsoDate('2026-07-22') })
  act(() => saved(5))
  await breath()
  expect(screen.getByText(/Counted from .*22.*2026.*a new fitting knows more/)).toBeInTheDocument()
})

test('what comes after is said: the gap, or the next one and from when it might be used', async () => {
  await show()
  expect(screen.getByText(/After this:/).parentElement).toHaveTextContent(
    'nothing on the shelf from Mar 2029 to Aug 2029.',
  )
  const wider = {
    by: 'profile' as const,
    restraints: 2,
    gaps: [],
    legs: [
      { ...leg, from: IsoDate('2026-11-25'), mayBeginFrom: IsoDate('2026-11-25'), to: IsoDate('2029-03-01') },
      {
        modelId: ModelId('b'),
        modelName: 'Hitchmark Reef',
        modeLabel: 'Booster',
        isNew: true,
        isUnsure: false,
        from: IsoDate('2029-03-01'),
        mayBeginFrom: IsoDate('2028-05-10'),
      },
    ],
  }
  ahead.mockResolvedValue({ ...VIEW, sequences: [wider] })
  fireEvent.click(screen.getByRole('button', { name: 'With everything in the catalogue' }))
  await breath()
  expect(ahead).toHaveBeenLastCalledWith(
    'f1',
    'catalogue',
    expect.objectContaining({ id: expect.any(String) as string }),
  )
  expect(screen.getByText(/After this:/).parentElement).toHaveTextContent(
    'Hitchmark Reef, Booster, not on the shelf, from Mar 2029; it might be used from May 2028.',
  )
  fireEvent.click(screen.getByRole('button', { name: 'From the shelf only' }))
  expect(screen.getByText(/After this:/).parentElement).toHaveTextContent('nothing on the shelf')
})

test('asked again when something was saved, and not while it is being saved', async () => {
  await show()
  act(() => useFitting.setState({ saving: 'saving' }))
  expect(ahead).toHaveBeenCalledTimes(1)
  act(() => saved(4))
  await breath()
  expect(ahead).toHaveBeenCalledTimes(2)
})

test('nothing chosen, and a server that does not answer, are said', async () => {
  ahead.mockResolvedValue({ ...VIEW, items: [], sequences: [] })
  await show()
  expect(screen.getByText(/Choose a restraint mode/)).toBeInTheDocument()
  ahead.mockRejectedValue(new Error('gone'))
  act(() => saved(5))
  await breath()
  expect(screen.getByText(/The server does not answer/)).toBeInTheDocument()
})
