import { latest } from './latest.ts'

/** A server whose answers are given by hand. */
function asked() {
  const calls: { readonly args: readonly unknown[]; readonly answer: () => void; readonly fail: () => void }[] = []
  const ask = latest((...args: readonly unknown[]) => new Promise<void>((resolve, reject) => calls.push({ args, answer: resolve, fail: () => reject(new Error('no')) }))) // prettier-ignore
  return { calls, ask }
}
const breath = () => new Promise((r) => setTimeout(r, 0))

test('one at a time; whoever asks meanwhile gets an answer that was asked for after them, all of them one', async () => {
  const { calls, ask } = asked()
  const done: string[] = []
  void ask('first').then(() => done.push('first'))
  void ask('second').then(() => done.push('second'))
  void ask('third').then(() => done.push('third'))
  expect(calls.map((c) => c.args)).toEqual([['first']])
  calls[0]?.answer()
  await breath()
  expect([done, calls.map((c) => c.args)]).toEqual([['first'], [['first'], ['third']]])
  calls[1]?.answer()
  await breath()
  expect(done).toEqual(['first', 'second', 'third'])
  // Nothing is on its way: the next goes out at once.
  void ask('fourth')
  expect(calls).toHaveLength(3)
})
test('one that fails is told to whoever asked for it, and the next is asked all the same', async () => {
  const { calls, ask } = asked()
  const first = ask()
  const second = ask()
  calls[0]?.fail()
  await expect(first).rejects.toThrow('no')
  await breath()
  calls[1]?.answer()
  await expect(second).resolves.toBeUndefined()
})
