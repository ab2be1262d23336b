import { act, render, screen } from '@testing-library/react'
import { buildCase, buildModel, buildUnit } from '@nimble-anchor/core/testing'
import type { Case } from '@nimble-anchor/core/casefile'
import type { ForecastAnswer, ForecastRequest } from './protocol.ts'
import { startForecast } from './startWorker.ts'
import { useForecast, useForecastStore } from './useForecast.ts'

jest.mock('./startWorker.ts', () => ({ startForecast: jest.fn() }))

interface Started {
  readonly request: ForecastRequest
  readonly tell: (share: number) => void
  readonly finish: () => void
  readonly fail: () => void
  isCancelled: boolean
}
const started: Started[] = []
const STOCK = [{ model: buildModel(), unit: buildUnit() }]

beforeEach(() => {
  jest.useFakeTimers()
  started.length = 0
  useForecastStore.setState({ status: 'idle', share: 0, answer: null, key: '' })
  jest.mocked(startForecast).mockImplementation((request, tell) => {
    let finish = (): void => undefined
    let fail = (): void => undefined
    const answer = new Promise<ForecastAnswer>((resolve, reject) => {
      finish = () =>
        resolve({ input: request.input, count: request.count, massKg: [], statureCm: [], modes: new Map() })
      fail = () => reject(new Error('broken'))
    })
    const one: Started = { request, tell, finish, fail, isCancelled: false }
    started.push(one)
    return { answer, cancel: () => void (one.isCancelled = true) }
  })
})
afterEach(() => jest.useRealTimers())

function Shown({ current }: { readonly current: Case }) {
  const { status, share, answer, cancel, restart } = useForecast(current, STOCK)
  return (
    <>
      <p>{`${status} ${share} ${answer === null ? 'no answer' : 'answer'}`}</p>
      <button onClick={cancel}>stop</button>
      <button onClick={restart}>again</button>
    </>
  )
}
const calm = () => act(() => jest.advanceTimersByTime(1000))
const child = (value: number) => buildCase({ child: { massKg: { value, plusMinus: 0.1, source: 'measured' } } })

test('figures typed one after another start one forecast; its progress is told and its answer kept', async () => {
  const { rerender } = render(<Shown current={child(1)} />)
  rerender(<Shown current={child(10)} />)
  rerender(<Shown current={child(10.4)} />)
  expect(started).toHaveLength(0)
  calm()
  expect(started.map((s) => s.request.input.massKg)).toEqual([{ lo: 10.3, hi: 10.5 }])
  act(() => started[0]!.tell(0.4))
  expect(screen.getByText('running 0.4 no answer')).toBeInTheDocument()
  await act(async () => started[0]!.finish())
  expect(screen.getByText('done 1 answer')).toBeInTheDocument()
  rerender(<Shown current={child(10.4)} />)
  calm()
  expect(started).toHaveLength(1)
})

test('another measure ends the running forecast and never shows its answer', async () => {
  const { rerender } = render(<Shown current={child(10)} />)
  calm()
  rerender(<Shown current={child(12)} />)
  expect(screen.getByText('running 0 no answer')).toBeInTheDocument()
  calm()
  expect(started[0]!.isCancelled).toBe(true)
  await act(async () => started[0]!.finish())
  expect(screen.getByText('running 0 no answer')).toBeInTheDocument()
})

test('it can be stopped before it begins, and asked for again', () => {
  render(<Shown current={child(10)} />)
  act(() => screen.getByText('stop').click())
  calm()
  expect(started).toHaveLength(0)
  expect(screen.getByText('cancelled 0 no answer')).toBeInTheDocument()
  act(() => screen.getByText('again').click())
  expect(started).toHaveLength(1)
})

test('a forecast that breaks says so; a child without measures has none', async () => {
  const { rerender } = render(<Shown current={child(10)} />)
  calm()
  await act(async () => started[0]!.fail())
  expect(screen.getByText('failed 0 no answer')).toBeInTheDocument()
  rerender(<Shown current={buildCase({ child: { massKg: undefined, statureCm: undefined } })} />)
  calm()
  expect(screen.getByText('not-enough 0 no answer')).toBeInTheDocument()
  expect(started).toHaveLength(1)
})
