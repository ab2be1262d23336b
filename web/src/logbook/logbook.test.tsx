import { FittingId, IsoDate } from '@nimble-anchor/core/ground'
import type { LogbookCharts as Charts, LogbookPage as Page, LogbookRow } from '@nimble-anchor/core/formats'
import { act, fireEvent, render, renderHook, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { api } from '../session/api.ts'
import { COLUMNS, tableRem, tracksOf, type ColumnId } from './columns.tsx'
import LogbookPage from './LogbookPage.tsx'
import { EMPTY_QUERY, isFiltered, paramsOf, queryOf, type LogbookQuery } from './query.ts'
import { PART, useLogbook } from './useLogbook.ts'

jest.mock('react-chartjs-2', () => ({ Bar: (props: { 'aria-label': string }) => <p>{props['aria-label']}</p> }))

const row = (number: number, over: Partial<LogbookRow> = {}): LogbookRow => ({
  id: FittingId(`f${number}`), number, status: 'open', createdAt: '2026-11-25T10:00:00Z', updatedAt: '2026-11-25T10:00:00Z',
  verdict: 'undecided', headline: '', childName: `Child ${number}`, vehicleName: 'Corran Dunlin', restraintName: null,
  revises: null, stage: 'measure', arrivedInstalled: false, elsewhere: false,
  holderId: null, routeKind: null, fitter: 'Jory', faults: [], ...over,
}) // prettier-ignore

const logbook = jest.spyOn(api, 'logbook')
const charts = jest.spyOn(api, 'logbookCharts')
jest.spyOn(api, 'catalogue').mockResolvedValue({ format: 'nimble-anchor/catalogue', version: 1 } as never)
const TOTAL = 50_000
window.matchMedia = () =>
  ({ matches: true, addEventListener: () => undefined, removeEventListener: () => undefined }) as never
beforeEach(() => {
  logbook.mockReset()
  logbook.mockImplementation((_q, offset, limit) =>
    Promise.resolve({ total: TOTAL, rows: Array.from({ length: limit }, (_, i) => row(TOTAL - offset - i)) }),
  )
})
const settle = () => act(() => Promise.resolve())

describe('the address holds the search', () => {
  test.each([
    [EMPTY_QUERY, ''],
    [{ ...EMPTY_QUERY, q: 'hale', status: 'signed', withFaults: true }, 'q=hale&status=signed&withFaults=true'],
    [{ ...EMPTY_QUERY, route: 'isofix-leg', from: '2026-11-01' }, 'route=isofix-leg&from=2026-11-01'],
  ] as [LogbookQuery, string][])('%j is %s, and back', (query, address) => {
    expect(paramsOf(query).toString()).toBe(address)
    expect(queryOf(new URLSearchParams(address))).toEqual(query)
    expect(isFiltered(query)).toBe(address !== '')
  })
  test('what makes no sense in an address is left out', () => {
    const params = new URLSearchParams('status=closed&verdict=fine&route=tow&from=1.2.&withFaults=yes')
    expect(queryOf(params)).toEqual(EMPTY_QUERY)
  })
})

describe('the list', () => {
  test('fetches only the parts that are looked at, each once', async () => {
    const { result } = renderHook(() => useLogbook('q=a'))
    await settle()
    expect(result.current.total).toBe(TOTAL)
    expect(result.current.row(0)?.number).toBe(TOTAL)
    expect(result.current.row(PART)).toBeUndefined()
    act(() => result.current.need(PART - 1, PART + 5))
    act(() => result.current.need(PART, PART + 5))
    await settle()
    expect(logbook.mock.calls.map((c) => c[1])).toEqual([0, PART])
    expect(result.current.row(PART)?.number).toBe(TOTAL - PART)
    act(() => result.current.need(TOTAL + PART, TOTAL + PART))
    expect(logbook).toHaveBeenCalledTimes(2)
  })
  test('an answer to an older question does not stand under the new one', async () => {
    const late: ((page: Page) => void)[] = []
    logbook.mockImplementation(() => new Promise((resolve) => late.push(resolve)))
    const { result, rerender } = renderHook(({ asked }) => useLogbook(asked), { initialProps: { asked: 'q=a' } })
    rerender({ asked: 'q=ab' })
    await act(() => Promise.resolve(late[1]?.({ total: 1, rows: [row(7)] })))
    expect(result.current.row(0)?.number).toBe(7)
  })
  test('a server that does not answer is said', async () => {
    logbook.mockRejectedValue(new Error('gone'))
    const { result } = renderHook(() => useLogbook(''))
    await settle()
    expect(result.current.failed).toBe(true)
  })
})

const CHARTS: Charts = {
  fittings: 40,
  failing: [{ key: 'latch-indicators', count: 9, of: 40 }],
  byRoute: [{ key: 'isofix-leg', count: 3, of: 30 }],
  byRestraint: [{ key: 'Ravel Sheepshank', count: 0, of: 0 }],
  oftenestByRoute: [{ key: 'isofix-leg', ruleId: 'latch-indicators', count: 2, of: 30 }],
  oftenestByRestraint: [],
  weeks: [{ week: IsoDate('2026-11-23'), fittings: 40, withFault: 9 }],
  minutes: [{ stage: 'attach', median: 6.5, fittings: 12 }],
  onArrival: { fittings: 0, withFault: 0, faults: [] },
}
const show = async (address = '/logbook') => {
  render(
    <MemoryRouter initialEntries={[address]}>
      <LogbookPage />
    </MemoryRouter>,
  )
  await settle()
}
test('the page says how many, filters by what is chosen, and goes back to everything', async () => {
  await show('/logbook?status=signed')
  expect(screen.getByRole('status')).toHaveTextContent('50,000 fittings')
  expect(screen.getByRole('button', { name: 'State: closed' })).toBeInTheDocument()
  expect(logbook.mock.calls[0]?.[0]).toBe('status=signed')
  fireEvent.click(screen.getByRole('button', { name: 'Route' }))
  fireEvent.click(screen.getByRole('button', { name: 'Booster by belt' }))
  await settle()
  expect(logbook.mock.calls.at(-1)?.[0]).toBe('status=signed&route=booster')
  fireEvent.click(screen.getByRole('button', { name: 'Remove the filter: State' }))
  await settle()
  expect(logbook.mock.calls.at(-1)?.[0]).toBe('route=booster')
  fireEvent.click(screen.getByRole('button', { name: 'Show everything' }))
  await settle()
  expect(logbook.mock.calls.at(-1)?.[0]).toBe('')
})
test('nothing found is said, and differs from nothing there', async () => {
  logbook.mockResolvedValue({ total: 0, rows: [] })
  await show('/logbook?q=nobody')
  expect(screen.getByText('Nothing of that kind is in the logbook.')).toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: 'Show everything' }))
  await settle()
  expect(screen.getByText(/^Nothing has been fitted yet\./)).toBeInTheDocument()
})
test('charts answer in figures too; where nothing was counted they say so', async () => {
  charts.mockResolvedValue(CHARTS)
  await show()
  fireEvent.click(screen.getByRole('button', { name: 'Charts' }))
  expect(await screen.findByText(/Both latch indicators 9 of 40 \(23 %\)/)).toBeInTheDocument()
  expect(screen.getByText(/Attach 6.5 min, 12 fittings/)).toBeInTheDocument()
  expect(screen.getByText(/ISOFIX with leg 3 of 30 \(10 %\); mostly Both latch indicators, 2/)).toBeInTheDocument()
  expect(screen.getByText(/week of .*, 40, 9 with a failed check/)).toBeInTheDocument()
  expect(screen.getByText(/Ravel Sheepshank 0 of 0$/)).toBeInTheDocument()
  expect(screen.getByText('None came already fitted: say so when a fitting begins.')).toBeInTheDocument()
  // A check leads to its fittings.
  for (const figures of screen.getAllByRole('button', { name: 'In figures' })) fireEvent.click(figures)
  fireEvent.click((await screen.findAllByRole('button', { name: 'Both latch indicators' }))[0] as HTMLElement)
  await settle()
  expect(logbook.mock.calls.at(-1)?.[0]).toBe('fault=latch-indicators')
})

test('columns stand side by side where each has the room that it needs', () => {
  const [few, all] = [['number', 'day'], COLUMNS.map((c) => c.id)] as [ColumnId[], ColumnId[]]
  expect([tableRem(few), tracksOf(few)]).toEqual([6 + 1 + 7 + 5.5, '6rem 7rem'])
  expect(tracksOf(['child', 'came'])).toBe('minmax(7rem,1.2fr) 7rem')
  expect(tableRem(all)).toBe(73.5 + 9 + 5.5)
})
