import { act, renderHook } from '@testing-library/react'
import { api, type Work } from './api.ts'
import { useWork, type Followed } from './useWork.ts'

beforeEach(() => {
  jest.useFakeTimers()
})
afterEach(() => {
  jest.useRealTimers()
  jest.restoreAllMocks()
})
const later = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms))

/** A request that is answered when the test says so. */
function request() {
  let end = (_: string): void => undefined
  let fail = (_: Error): void => undefined
  const works: Work[] = []
  const ask = (work: Work) => {
    works.push(work)
    return new Promise<string>((resolve, reject) => {
      end = resolve
      fail = reject
      work.signal.addEventListener('abort', () => reject(new DOMException('gone', 'AbortError')))
    })
  }
  return { ask, works, end: (x: string) => end(x), fail: (e: Error) => fail(e) }
}

/** Asks, as a press of a button would. */
function run(hook: { readonly current: Followed }, ask: (work: Work) => Promise<string>): Promise<string | undefined> {
  let answer: Promise<string | undefined> = Promise.resolve(undefined)
  act(() => void (answer = hook.current.run(ask)))
  return answer
}

test('while it is worked on the share is asked for by its name; with the answer it is over', async () => {
  const shares = jest.spyOn(api, 'workShare').mockResolvedValueOnce({ share: 0.25 }).mockRejectedValue(new Error('404'))
  const { result } = renderHook(useWork)
  const asked = request()
  const answer = run(result, asked.ask)
  await later(0)
  expect(result.current.share).toBe(0)
  await later(310)
  expect(result.current.share).toBe(0.25)
  await later(310)
  // Not told any more: what was known stands.
  expect(result.current.share).toBe(0.25)
  asked.end('done')
  await later(0)
  await expect(answer).resolves.toBe('done')
  expect(result.current.share).toBeUndefined()
  expect(new Set(shares.mock.calls.map(([id]) => id))).toEqual(new Set([asked.works[0]!.id]))
  await later(1000)
  expect(shares).toHaveBeenCalledTimes(2)
})
test('given up, the request is let go, and nobody hears of it', async () => {
  const { result } = renderHook(useWork)
  const asked = request()
  const answer = run(result, asked.ask)
  await later(0)
  act(() => result.current.stop())
  await expect(answer).resolves.toBeUndefined()
  expect([asked.works[0]!.signal.aborted, result.current.share]).toEqual([true, undefined])
})
test('a failure is told, and it is over', async () => {
  const { result } = renderHook(useWork)
  const asked = request()
  const answer = run(result, asked.ask)
  await later(0)
  const told = expect(answer).rejects.toThrow('no')
  asked.fail(new Error('no'))
  await later(0)
  await told
  expect(result.current.share).toBeUndefined()
})
test('asked for something else meanwhile, the first is given up; its end does not end the second', async () => {
  const { result } = renderHook(useWork)
  const [first, second] = [request(), request()]
  const one = run(result, first.ask)
  const two = run(result, second.ask)
  await later(0)
  await expect(one).resolves.toBeUndefined()
  expect(result.current.share).toBe(0)
  second.end('second')
  await later(0)
  await expect(two).resolves.toBe('second')
})
test('whoever leaves the page waits no longer', async () => {
  const { result, unmount } = renderHook(useWork)
  const asked = request()
  void run(result, asked.ask)
  await later(0)
  unmount()
  expect(asked.works[0]!.signal.aborted).toBe(true)
})
test('asked to stop it waits for what the server says: the answer is the request’s own', async () => {
  const stop = jest.spyOn(api, 'stopWork').mockRejectedValue(new Error('404'))
  const { result } = renderHook(useWork)
  act(() => result.current.halt())
  expect(stop).not.toHaveBeenCalled()
  const asked = request()
  const answer = run(result, asked.ask)
  await later(0)
  act(() => result.current.halt())
  await later(0)
  expect(stop.mock.calls).toEqual([[asked.works[0]!.id]])
  expect([asked.works[0]!.signal.aborted, result.current.share]).toEqual([false, 0])
  asked.end('stored before')
  await later(0)
  await expect(answer).resolves.toBe('stored before')
  act(() => result.current.halt())
  expect(stop).toHaveBeenCalledTimes(1)
})
