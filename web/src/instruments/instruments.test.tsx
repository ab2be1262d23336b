import type { InstrumentDriver, Sample } from '@nimble-anchor/core/instruments'
import type { Quantity } from '@nimble-anchor/core/quantities'
import { act, fireEvent, render, screen } from '@testing-library/react'
import { inclination, ownInclinometer, standInDriver } from './drivers.ts'
import InstrumentDialog from './InstrumentDialog.tsx'
import { LONG_MS, useInstrument } from './useInstrument.ts'

beforeEach(() => jest.useFakeTimers())
afterEach(() => jest.useRealTimers())
const wait = (ms: number): void => act(() => void jest.advanceTimersByTime(ms))

describe('the angle that a device’s own sensor means', () => {
  test.each([
    [0, 0, 'cushion', 0],
    [12, 3, 'cushion', 12],
    [-4, 0, 'cushion', -4],
    [12, 9, 'cushion', undefined],
    [90, 0, 'shell-back', 0],
    [66, 2, 'shell-back', 24],
    [45, 8, 'shell-back', 45],
    [45, 8.5, 'shell-back', undefined],
    // Near upright the roll of the sensor's frame jumps about and says nothing.
    [88, 60, 'shell-back', 2],
  ] as const)('pitch %s°, roll %s°, against the %s: %s', (beta, gamma, against, deg) => {
    expect(inclination(beta, gamma, against)).toBe(deg)
  })
})

describe('the device’s own inclinometer', () => {
  const heard: Sample[] = []
  let gone: string | undefined
  const listener = { sample: (s: Sample) => heard.push(s), gone: (reason: string) => (gone = reason) }
  const orient = (beta: number | null, gamma: number | null): void => {
    window.dispatchEvent(Object.assign(new Event('deviceorientation'), { beta, gamma }))
  }
  beforeEach(() => {
    heard.length = 0
    gone = undefined
  })
  const offer = (requestPermission?: () => Promise<string>): void =>
    void Object.assign(window, { DeviceOrientationEvent: { requestPermission } })
  afterEach(() => void Reflect.deleteProperty(window, 'DeviceOrientationEvent'))

  test('streams what it hears, and nothing after its end', async () => {
    offer()
    const end = ownInclinometer('cushion').start(listener)
    await act(() => Promise.resolve())
    orient(11, 1)
    orient(null, null)
    orient(11, 40)
    end()
    orient(15, 0)
    expect(heard.map((s) => s.value)).toEqual([11])
  })
  test('a sensor that stands still to the last figure is not measuring: said before it could come to rest', async () => {
    offer()
    ownInclinometer('cushion').start(listener)
    await act(() => Promise.resolve())
    for (let ms = 0; ms < 2400; ms += 100) {
      orient(0, 0)
      wait(100)
    }
    expect(gone).toBeUndefined()
    wait(200)
    orient(0, 0)
    expect(gone).toBe('The sensor gives the same figures again and again: it is not measuring.')
    orient(3, 0)
    expect(heard.map((s) => s.value)).not.toContain(3)
  })
  test('one that trembles by a hair is', async () => {
    offer()
    ownInclinometer('cushion').start(listener)
    await act(() => Promise.resolve())
    for (let i = 0; i < 60; i += 1) {
      orient(12 + (i % 20 === 0 ? 0.1 : 0), 0)
      wait(100)
    }
    expect(gone).toBeUndefined()
    expect(heard).toHaveLength(60)
  })
  test('a refusal, and a sensor that does not answer, are said', async () => {
    offer(() => Promise.resolve('denied'))
    ownInclinometer('cushion').start(listener)
    await act(() => Promise.resolve())
    expect(gone).toBe('The browser was not allowed to read the sensor.')
    offer()
    ownInclinometer('cushion').start(listener)
    await act(() => Promise.resolve())
    wait(3100)
    expect(gone).toBe('The sensor of this device does not answer.')
  })
})

test('a stand-in streams until it is ended', () => {
  const heard: Sample[] = []
  const end = standInDriver('inclinometer', { value: 12, behaviour: 'calm' }, 1).start({
    sample: (s) => heard.push(s),
    gone: () => undefined,
  })
  jest.advanceTimersByTime(1000)
  expect(heard).toHaveLength(10)
  end()
  jest.advanceTimersByTime(1000)
  expect(heard).toHaveLength(10)
})

describe('listening', () => {
  function Probe({ driver, onSettled }: { driver: InstrumentDriver; onSettled: (v: number, pm: number) => void }) {
    const { state, gone, isLong } = useInstrument(driver, onSettled)
    return <p>{`${state.kind} ${gone ?? ''} ${isLong ? 'long' : ''}`}</p>
  }
  test('settles once, and the stream is ended', () => {
    const onSettled = jest.fn()
    render(<Probe driver={standInDriver('scale', { value: 10.4, behaviour: 'calm' }, 3)} onSettled={onSettled} />)
    wait(12_000)
    expect(onSettled).toHaveBeenCalledTimes(1)
    const [value, plusMinus] = onSettled.mock.calls[0] as [number, number]
    expect(Math.abs(value - 10.4)).toBeLessThanOrEqual(plusMinus)
    expect(screen.getByText(/settled/)).toBeInTheDocument()
  })
  test('a child that never lies still: no value, and after half a minute it says so', () => {
    const onSettled = jest.fn()
    render(<Probe driver={standInDriver('scale', { value: 10.4, behaviour: 'restless' }, 3)} onSettled={onSettled} />)
    wait(LONG_MS + 1000)
    expect(onSettled).not.toHaveBeenCalled()
    expect(screen.getByText(/long/)).toBeInTheDocument()
  })
})

describe('the dialog', () => {
  const open = (onTake: (q: Quantity) => readonly { path: string; message: string }[] = () => []) => {
    const take = jest.fn(onTake)
    render(
      <InstrumentDialog
        kind="scale"
        field="Mass"
        value={undefined}
        against={undefined}
        onTake={take}
        onClose={() => undefined}
      />,
    )
    return take
  }
  test('says that it is simulated, reads, and the value lands with its ± and source', () => {
    const take = open()
    expect(screen.getByText('Stand-in: simulated, no device is connected')).toBeInTheDocument()
    fireEvent.change(screen.getByLabelText('What it has on it, kg'), { target: { value: '9,2' } })
    fireEvent.change(screen.getByLabelText('And how it'), { target: { value: 'calm' } })
    fireEvent.click(screen.getByRole('button', { name: 'Read' }))
    wait(1000)
    expect(screen.getByRole('status')).toHaveTextContent('Reading.')
    wait(11_000)
    expect(take).toHaveBeenCalledWith(expect.objectContaining({ source: 'instrument' }))
    expect(screen.getByRole('status')).toHaveTextContent(/At rest: 9\.\d+ ± 0\.0\d kg is in “Mass”/)
    expect(screen.getByRole('button', { name: 'Done' })).toBeInTheDocument()
  })
  test('a value outside the field’s limits is said, not lost', () => {
    open(() => [{ path: '$.child.massKg', message: 'must be at most 80 kg' }])
    fireEvent.change(screen.getByLabelText('What it has on it, kg'), { target: { value: '90' } })
    fireEvent.change(screen.getByLabelText('And how it'), { target: { value: 'calm' } })
    fireEvent.click(screen.getByRole('button', { name: 'Read' }))
    wait(12_000)
    expect(screen.getByRole('alert')).toHaveTextContent('Mass must be at most 80 kg')
  })
  test('nothing is read of what is no number', () => {
    open()
    fireEvent.change(screen.getByLabelText('What it has on it, kg'), { target: { value: 'heavy' } })
    expect(screen.getByRole('button', { name: 'Read' })).toBeDisabled()
  })
})
