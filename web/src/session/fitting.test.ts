import { buildCase } from '../../../core/test/build.ts'
import { applyPuts, type Case, type Put, type FittingView } from '@nimble-anchor/core'
import { useFitting } from './fitting.ts'
import { waitingFor } from './waiting.ts'

/** A server of one fitting, as strict about the sequence as the real one. */
function fakeServer(initial: Case) {
  const state = {
    view: { id: 'f1', status: 'open', sequence: 0, createdAt: '', updatedAt: '', case: initial } as FittingView,
    isUp: true,
    losesAnswers: 0,
    taken: [] as Put[][],
  }
  const answer = (status: number, body: unknown) =>
    ({ ok: status < 400, status, json: async () => JSON.parse(JSON.stringify(body)) as unknown }) as Response
  const take = (puts: Put[]): void => {
    const applied = applyPuts(state.view.case, puts, state.view.sequence + 1)
    if (!applied.ok) throw new Error('fake server got a bad entry')
    state.view = { ...state.view, sequence: state.view.sequence + 1, case: applied.value.case }
    state.taken.push(puts)
  }
  global.fetch = jest.fn(async (_url: RequestInfo | URL, init?: RequestInit) => {
    if (!state.isUp) throw new TypeError('Failed to fetch')
    if (!init?.body) return answer(200, state.view)
    const body = JSON.parse(init.body as string) as { baseSequence: number; puts: Put[] }
    if (body.baseSequence !== state.view.sequence) return answer(409, { message: 'changed since', current: state.view })
    take(body.puts)
    if (state.losesAnswers-- > 0) throw new TypeError('Connection lost')
    return answer(200, state.view)
  }) as typeof fetch
  return { state, take }
}
const mass = (value: number): Put => ({ path: ['child', 'massKg'], value: { value, source: 'measured' } })
const shown = () => useFitting.getState().case?.child.massKg?.value
const settle = (ms = 20) => new Promise((r) => setTimeout(r, ms))

beforeEach(() => {
  localStorage.clear()
  useFitting.setState({
    status: 'loading',
    view: null,
    case: null,
    queue: [],
    saving: 'saved',
    conflict: null,
    notice: null,
  })
})

test('an entry shows at once and is acknowledged', async () => {
  const { state } = fakeServer(buildCase())
  await useFitting.getState().open('f1')
  expect(useFitting.getState().put([mass(11)])).toEqual([])
  expect(shown()).toBe(11)
  await settle()
  expect(useFitting.getState()).toMatchObject({ saving: 'saved', queue: [], view: { sequence: 1 } })
  expect(state.taken).toHaveLength(1)
})

test('a bad entry is refused here, names the field, and is never sent', async () => {
  const { state } = fakeServer(buildCase())
  await useFitting.getState().open('f1')
  expect(useFitting.getState().put([mass(500)])).toEqual([
    { path: '$.child.massKg.value', message: 'must be at most 80 kg' },
  ])
  await settle()
  expect(state.taken).toEqual([])
})

test('without the server entries wait on the device, survive a reload, and go in order', async () => {
  const { state } = fakeServer(buildCase())
  await useFitting.getState().open('f1')
  state.isUp = false
  useFitting.getState().put([mass(11)])
  useFitting.getState().put([mass(12)])
  await settle()
  expect(useFitting.getState().saving).toBe('offline')
  expect(waitingFor('f1')).toBe(2)
  // Reload: a fresh store, the same device.
  state.isUp = true
  useFitting.setState({ status: 'loading', view: null, case: null, queue: [], saving: 'saved' })
  await useFitting.getState().open('f1')
  expect(shown()).toBe(12)
  await settle()
  expect(state.taken.map((p) => (p[0]?.value as { value: number }).value)).toEqual([11, 12])
  expect(waitingFor('f1')).toBe(0)
})

test('an answer lost on the way is not a conflict: the entry stands already', async () => {
  const { state } = fakeServer(buildCase())
  await useFitting.getState().open('f1')
  state.losesAnswers = 1
  useFitting.getState().put([mass(11)])
  await settle()
  expect(useFitting.getState().saving).toBe('offline')
  await useFitting.getState().refresh()
  await settle()
  expect(useFitting.getState()).toMatchObject({ conflict: null, queue: [], saving: 'saved' })
  expect(state.taken).toHaveLength(1)
})

test.each([
  ['mine', 11],
  ['theirs', 14],
] as const)('somebody else on the same field: keeping %s leaves %s', async (keep, value) => {
  const { state, take } = fakeServer(buildCase())
  await useFitting.getState().open('f1')
  take([mass(14)])
  useFitting.getState().put([mass(11)])
  await settle()
  expect(useFitting.getState().conflict).toMatchObject({ theirs: { sequence: 1 } })
  expect(waitingFor('f1')).toBe(1)
  useFitting.getState().settleConflict(keep)
  await settle()
  expect(useFitting.getState()).toMatchObject({ conflict: null, saving: 'saved' })
  expect(state.view.case.child.massKg?.value).toBe(value)
})

test('a signed fitting takes no entry', async () => {
  const { state } = fakeServer(buildCase())
  state.view = { ...state.view, status: 'signed' }
  await useFitting.getState().open('f1')
  expect(useFitting.getState().put([mass(11)])[0]?.message).toContain('signed and closed')
})
