import { act, renderHook } from '@testing-library/react'
import { again, ON_OPENING, queries, standingOf, take, UNTIL_ASKED_AGAIN, useAnswer } from './queries.ts'

/** A server whose answers are given by hand. */
function asked(name: string) {
  const calls: { readonly answer: (text: string) => void; readonly fail: () => void }[] = []
  const question = {
    queryKey: [name],
    queryFn: () =>
      new Promise<string>((resolve, reject) => calls.push({ answer: resolve, fail: () => reject(new Error('no')) })),
    ...UNTIL_ASKED_AGAIN,
  } as const
  return { calls, question, load: again(() => question), known: () => queries.getQueryData([name]) }
}
const breath = () => act(() => new Promise<void>((r) => setTimeout(r, 5)))

test('an answer that is overtaken by a change does not come in late and stay', async () => {
  const { calls, question, load, known } = asked('overtaken')
  const { result } = renderHook(() => useAnswer(question))
  await breath()
  // Somebody changed it here, and asks anew, while the first answer is on its way.
  void load()
  await breath()
  expect(calls).toHaveLength(2)
  calls[1]?.answer('after the change')
  calls[0]?.answer('before it')
  await breath()
  expect([known(), result.current.data]).toEqual(['after the change', 'after the change'])
})
test('what a change brought with it stands at once, and over an answer that was asked for before', async () => {
  const { calls, load, known } = asked('taken')
  void load()
  await breath()
  calls[0]?.answer('first')
  await breath()
  void load()
  await breath()
  const done = take(['taken'], 'mine')
  expect(known()).toBe('mine')
  await done
  calls[1]?.answer('older than mine')
  await breath()
  expect(known()).toBe('mine')
})
test('asked anew one at a time; a refusal throws nothing and leaves what stood, and the next is asked all the same', async () => {
  const { calls, load, known, question } = asked('refused')
  const { result } = renderHook(() => useAnswer(question))
  await breath()
  calls[0]?.answer('stands')
  await breath()
  const both = Promise.all([load(), load()])
  await breath()
  expect(calls).toHaveLength(2)
  calls[1]?.fail()
  await breath()
  expect([known(), standingOf(result.current)]).toEqual(['stands', 'ready'])
  calls[2]?.answer('newer')
  await act(() => both)
  expect([known(), calls.length]).toEqual(['newer', 3])
})
test('known: asked for once, however many read it; on opening it is asked again', async () => {
  const { calls, question } = asked('read')
  renderHook(() => useAnswer(question))
  renderHook(() => useAnswer(question))
  await breath()
  expect(calls).toHaveLength(1)
  calls[0]?.answer('known')
  await breath()
  renderHook(() => useAnswer(question))
  await breath()
  expect(calls).toHaveLength(1)
  renderHook(() => useAnswer({ ...question, ...ON_OPENING }))
  await breath()
  expect(calls).toHaveLength(2)
})
test('nothing known: loading, then failed', async () => {
  const { calls, question } = asked('never')
  const { result } = renderHook(() => useAnswer(question))
  expect(standingOf(result.current)).toBe('loading')
  await breath()
  calls[0]?.fail()
  await breath()
  expect(standingOf(result.current)).toBe('failed')
})
