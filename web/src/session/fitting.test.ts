import { FittingId } from '@nimble-anchor/core/ground'
import 'fake-indexeddb/auto'
import { buildCase, withEverythingGood } from '@nimble-anchor/core/testing'
import { caseSchema, highestSequence, type Case, type Put } from '@nimble-anchor/core/casefile'
import { serve } from '../../test/served.ts'
import { assessmentOf, useFitting } from './fitting.ts'
import { sendAll, sendFor } from './sending.ts'
import { forgetWaiting, keepWaiting, takeOldEntries, waitingCounts, waitingOf } from './waiting.ts'

/** A server of these fittings, and somebody else at another device. */
function fakeServer(cases: Readonly<Record<string, Case>>) {
  const { server, line } = serve(cases)
  const take = (fittingId: FittingId, puts: readonly Put[]): void => {
    const baseSequence = server.views[fittingId]?.sequence
    const { status } = server.ask({ method: 'POST', path: `fittings/${fittingId}/entries`, body: { baseSequence, who: 'Maren', puts } }) // prettier-ignore
    if (status !== 200) throw new Error('another device made a bad entry')
  }
  onLine = line
  return { server, line, take }
}

/** Where the order of entry stands in a case that nobody has entered anything into yet. */
const START = highestSequence(buildCase())
const mass = (value: number): Put => ({ path: ['child', 'massKg'], value: { value, source: 'measured' } })
const look = (id: string): Put => ({ path: ['readings', id], value: { option: 'held' } })
const MOVED: Put = { path: ['disturbances', 'base'], value: {} }
const shown = () => useFitting.getState().case?.child.massKg?.value
/** The line of the test under way. */
let onLine: ReturnType<typeof serve>['line']
const breath = (ms = 10) => new Promise((r) => setTimeout(r, ms))
/** Until nothing is on its way and nothing has moved for some breaths: the machine may be slow. */
async function settle(): Promise<void> {
  let quiet = 0
  while (quiet < 10) {
    await breath()
    quiet = onLine.inFlight === 0 && useFitting.getState().saving !== 'saving' ? quiet + 1 : 0
  }
}
const fresh = () =>
  useFitting.setState({ status: 'loading', view: null, case: null, queue: [], saving: 'saved', trouble: null, conflict: null, notice: null }) // prettier-ignore
const massesIn = (server: ReturnType<typeof fakeServer>, id: string) =>
  server.server.log.filter((e) => e.fittingId === id).map((e) => (e.puts[0]?.value as { value: number }).value)

beforeEach(async () => {
  localStorage.clear()
  await forgetWaiting(['f1', 'f2'])
  fresh()
})

test('while an entry waits it is never said that everything is saved, not for a moment', async () => {
  const server = fakeServer({ f1: buildCase() })
  await keepWaiting({ id: 'waits', fittingId: FittingId('f1'), who: 'Maren', puts: [mass(12.2)], base: START, own: [] })
  const said: string[] = []
  const leave = useFitting.subscribe((s) => void said.push(`${s.queue.length} ${s.saving}`))
  await useFitting.getState().open(FittingId('f1'))
  await settle()
  leave()
  expect(said.filter((s) => s.startsWith('1 '))).not.toEqual([])
  expect(said).not.toContain('1 saved')
  expect([useFitting.getState().saving, massesIn(server, 'f1')]).toEqual(['saved', [12.2]])
})

test('an entry shows at once and is acknowledged', async () => {
  const server = fakeServer({ f1: buildCase() })
  await useFitting.getState().open(FittingId('f1'))
  expect(useFitting.getState().put([mass(11)])).toEqual([])
  expect(shown()).toBe(11)
  await settle()
  expect(useFitting.getState()).toMatchObject({ saving: 'saved', queue: [], view: { sequence: START + 1 } })
  expect(server.server.log).toHaveLength(1)
})

test('a bad entry is refused here, names the field, and is never sent', async () => {
  const server = fakeServer({ f1: buildCase() })
  await useFitting.getState().open(FittingId('f1'))
  expect(useFitting.getState().put([mass(500)])).toEqual([
    { path: '$.child.massKg.value', message: 'must be at most 80 kg' },
  ])
  await settle()
  expect(server.server.log).toEqual([])
})

test('without the server entries wait on the device, survive a reload, and go in order', async () => {
  const server = fakeServer({ f1: buildCase() })
  await useFitting.getState().open(FittingId('f1'))
  server.line.isUp = false
  useFitting.getState().put([mass(11)])
  useFitting.getState().put([mass(12)])
  await settle()
  expect(useFitting.getState().saving).toBe('offline')
  expect((await waitingCounts()).get('f1')).toBe(2)
  // Reload: a fresh store, the same device.
  server.line.isUp = true
  fresh()
  await useFitting.getState().open(FittingId('f1'))
  expect(shown()).toBe(12)
  await settle()
  expect(massesIn(server, 'f1')).toEqual([11, 12])
  expect((await waitingCounts()).size).toBe(0)
})

test('where the program fails on an entry, nothing is sent again by itself; it is kept until somebody says', async () => {
  const server = fakeServer({ f1: buildCase() })
  await useFitting.getState().open(FittingId('f1'))
  server.line.failsOn = 'child.massKg'
  useFitting.getState().put([mass(11)])
  useFitting.getState().put([{ path: ['child', 'note'], value: 'sleeps' }])
  await settle()
  expect(useFitting.getState()).toMatchObject({ saving: 'failed', trouble: 'Something in the program failed.' })
  expect((await waitingCounts()).get('f1')).toBe(2)
  expect(server.server.log).toEqual([])
  useFitting.getState().tryAgain()
  await settle()
  expect(useFitting.getState().saving).toBe('failed')
  // Taken back: that one alone; what came after it is stored.
  await useFitting.getState().dropFailed()
  await settle()
  expect(useFitting.getState()).toMatchObject({ saving: 'saved', trouble: null, queue: [] })
  expect(server.server.log.map((e) => e.puts[0]!.path.join('.'))).toEqual(['child.note'])
})

test('what failed once and then does not is stored as it was', async () => {
  const server = fakeServer({ f1: buildCase() })
  await useFitting.getState().open(FittingId('f1'))
  server.line.failsOn = 'child.massKg'
  useFitting.getState().put([mass(11)])
  await settle()
  server.line.failsOn = undefined
  useFitting.getState().tryAgain()
  await settle()
  expect(useFitting.getState()).toMatchObject({ saving: 'saved', trouble: null })
  expect(massesIn(server, 'f1')).toEqual([11])
})

test('an answer lost on the way is not a conflict: the entry stands already, once', async () => {
  const server = fakeServer({ f1: buildCase() })
  await useFitting.getState().open(FittingId('f1'))
  server.line.losesAnswers = 1
  useFitting.getState().put([mass(11)])
  await settle()
  expect(useFitting.getState().saving).toBe('offline')
  await useFitting.getState().refresh()
  await settle()
  expect(useFitting.getState()).toMatchObject({ conflict: null, queue: [], saving: 'saved' })
  expect(massesIn(server, 'f1')).toEqual([11])
})

test.each([
  ['mine', 11],
  ['theirs', 14],
] as const)('somebody else on the same field: keeping %s leaves %s', async (keep, value) => {
  const { server, take } = fakeServer({ f1: buildCase() })
  await useFitting.getState().open(FittingId('f1'))
  take(FittingId('f1'), [mass(14)])
  useFitting.getState().put([mass(11)])
  await settle()
  expect(useFitting.getState().conflict).toMatchObject({ theirs: { sequence: START + 1 } })
  expect((await waitingCounts()).get('f1')).toBe(1)
  useFitting.getState().settleConflict(keep)
  await settle()
  expect(useFitting.getState()).toMatchObject({ conflict: null, saving: 'saved' })
  expect(server.views.f1!.case.child.massKg?.value).toBe(value)
})

test('a signed fitting takes no entry', async () => {
  const { server } = fakeServer({ f1: buildCase() })
  server.views.f1 = { ...server.views.f1!, status: 'signed' }
  await useFitting.getState().open(FittingId('f1'))
  expect(useFitting.getState().put([mass(11)])[0]?.message).toContain('signed and closed')
})

describe('another fitting is opened meanwhile', () => {
  test.each(['answered', 'lost', 'refused'] as const)('an entry on its way, then %s, stays with its own', async (how) => {
    const server = fakeServer({ f1: buildCase(), f2: buildCase() })
    await useFitting.getState().open(FittingId('f2'))
    let openGate = (): void => undefined
    server.line.gate = new Promise((r) => (openGate = r))
    useFitting.getState().put([mass(12.2)])
    while (onLine.inFlight === 0) await breath()
    server.line.gate = undefined
    await useFitting.getState().open(FittingId('f1'))
    if (how === 'lost') server.line.losesAnswers = 1
    if (how === 'refused') server.server.views.f2 = { ...server.server.views.f2!, status: 'signed' }
    openGate()
    await settle()
    useFitting.getState().put([mass(11)])
    await settle()
    expect(massesIn(server, 'f1')).toEqual([11])
    expect(massesIn(server, 'f2')).toEqual(how === 'refused' ? [] : [12.2])
    // Refused while it was not on screen, it is said when its fitting is opened, not dropped before.
    expect((await waitingOf(FittingId('f2'))).map((e) => e.refused)).toEqual(how === 'answered' ? [] : how === 'lost' ? [undefined] : [expect.stringContaining('signed')]) // prettier-ignore
    await useFitting.getState().open(FittingId('f2'))
    await settle()
    expect(massesIn(server, 'f2')).toEqual(how === 'refused' ? [] : [12.2])
    expect(useFitting.getState().notice).toEqual(how === 'refused' ? expect.stringContaining('Not saved') : null)
    expect((await waitingCounts()).size).toBe(0)
  }) // prettier-ignore

  test('entries typed into two fittings in turn, without the server: each arrives where it was made', async () => {
    const server = fakeServer({ f1: buildCase(), f2: buildCase() })
    for (const [id, kg] of [['f1', 11], ['f2', 12], ['f1', 11.5]] as const) {
      server.line.isUp = true
      await useFitting.getState().open(FittingId(id))
      await settle()
      server.line.isUp = false
      useFitting.getState().put([mass(kg)])
      await settle()
    } // prettier-ignore
    server.line.isUp = true
    await sendAll()
    await settle()
    expect([massesIn(server, 'f1'), massesIn(server, 'f2')]).toEqual([[11, 11.5], [12]])
  })
})

describe('what the writer had seen goes with the entry', () => {
  test('after a reload an entry made offline does not overwrite another’s value without a word', async () => {
    const server = fakeServer({ f1: buildCase() })
    await useFitting.getState().open(FittingId('f1'))
    server.line.isUp = false
    useFitting.getState().put([mass(11)])
    await settle()
    server.take(FittingId('f1'), [mass(14)])
    server.line.isUp = true
    fresh()
    await useFitting.getState().open(FittingId('f1'))
    await settle()
    expect(useFitting.getState().conflict).toMatchObject({ mine: { base: START }, theirs: { sequence: START + 1 } })
    expect(massesIn(server, 'f1')).toEqual([14])
  })
  test('looks from before another moved the base are told, not stored', async () => {
    const server = fakeServer({ f1: withEverythingGood(buildCase()) })
    await useFitting.getState().open(FittingId('f1'))
    server.line.isUp = false
    useFitting.getState().put([look('tug-left')])
    await settle()
    server.take(FittingId('f1'), [MOVED])
    server.line.isUp = true
    await useFitting.getState().refresh()
    await settle()
    expect(useFitting.getState().conflict?.message).toContain('check again')
    expect(server.server.log).toHaveLength(1)
  })
  test('one’s own move, then the look: entered offline in that order, while another wrote a note, both are stored', async () => {
    const server = fakeServer({ f1: withEverythingGood(buildCase()) })
    await useFitting.getState().open(FittingId('f1'))
    server.line.isUp = false
    useFitting.getState().put([MOVED])
    useFitting.getState().put([look('tug-left')])
    await settle()
    server.take(FittingId('f1'), [{ path: ['child', 'note'], value: 'sings' }])
    server.line.isUp = true
    await sendFor(FittingId('f1'))
    await settle()
    expect(useFitting.getState()).toMatchObject({ conflict: null, queue: [] })
    expect(server.server.log.map((e) => e.puts[0]!.path[0])).toEqual(['child', 'disturbances', 'readings'])
  })
  test('fast typing: an entry made while the one before is just being acknowledged is no stranger to it', async () => {
    const server = fakeServer({ f1: buildCase() })
    await useFitting.getState().open(FittingId('f1'))
    for (const kg of [11, 11.1, 11.2, 11.3, 11.4, 11.5]) {
      useFitting.getState().put([mass(kg)])
      await breath(kg === 11.2 ? 9 : 1)
    }
    await settle()
    expect(useFitting.getState()).toMatchObject({ conflict: null, saving: 'saved' })
    expect(massesIn(server, 'f1')).toEqual([11, 11.1, 11.2, 11.3, 11.4, 11.5])
  })
})

test('what another tab keeps for the same fitting is sent with the rest, in its order', async () => {
  const server = fakeServer({ f1: buildCase() })
  await useFitting.getState().open(FittingId('f1'))
  server.line.isUp = false
  useFitting.getState().put([mass(11)])
  await settle()
  await keepWaiting({ id: crypto.randomUUID(), fittingId: FittingId('f1'), who: 'Jory', puts: [{ path: ['child', 'note'], value: 'other tab' }], base: START, own: [] }) // prettier-ignore
  server.line.isUp = true
  await Promise.all([sendFor(FittingId('f1')), sendFor(FittingId('f1'))])
  await settle()
  expect(server.server.log.map((e) => e.puts[0]!.path[1])).toEqual(['massKg', 'note'])
  expect(useFitting.getState()).toMatchObject({ queue: [], saving: 'saved', view: { sequence: START + 2 } })
})

test('where the browser keeps nothing, an entry is sent all the same, and it is said', async () => {
  const server = fakeServer({ f1: buildCase() })
  const add = jest.spyOn(IDBObjectStore.prototype, 'add').mockImplementation(() => {
    throw new DOMException('no room', 'QuotaExceededError')
  })
  await useFitting.getState().open(FittingId('f1'))
  useFitting.getState().put([mass(11)])
  await settle()
  add.mockRestore()
  expect(massesIn(server, 'f1')).toEqual([11])
  expect(useFitting.getState()).toMatchObject({
    saving: 'saved',
    queue: [],
    view: { sequence: START + 1 },
    notice: expect.stringContaining('keeps nothing'),
  })
})

test('entries kept by the version before come along, as made before everything', async () => {
  const server = fakeServer({ f1: buildCase() })
  server.take(FittingId('f1'), [{ path: ['child', 'note'], value: 'x' }])
  localStorage.setItem('nimble-anchor.waiting.f1', JSON.stringify([{ who: 'Jory', puts: [mass(11)] }]))
  await takeOldEntries()
  expect(await waitingOf(FittingId('f1'))).toMatchObject([{ who: 'Jory', base: 0, own: [] }])
  expect(localStorage.getItem('nimble-anchor.waiting.f1')).toBeNull()
  await sendFor(FittingId('f1'))
  expect(massesIn(server, 'f1').at(-1)).toBe(11)
})

test.each([
  ['erased', ['f1'], 0],
  // It may serve another folder today: what waits, waits.
  ['merely unknown', [], 1],
] as const)('of a fitting that is %s, this device lets go or not', async (_what, erased, left) => {
  fakeServer({}).server.erased.push(...erased)
  await keepWaiting({
    id: crypto.randomUUID(),
    fittingId: FittingId('f1'),
    who: 'Jory',
    puts: [mass(11)],
    base: 0,
    own: [],
  })
  await useFitting.getState().open(FittingId('f1'))
  expect(useFitting.getState().status).toBe('missing')
  expect((await waitingCounts()).size).toBe(left)
})

describe('one tap, one judgement', () => {
  const parses = () => {
    const spy = jest.spyOn(caseSchema.shape.child.shape.massKg, 'safeParse')
    return { count: () => spy.mock.calls.length, end: () => spy.mockRestore() }
  }
  test('what was judged when it was entered is not judged again when it is kept, sent and acknowledged', async () => {
    const server = fakeServer({ f1: buildCase() })
    await useFitting.getState().open(FittingId('f1'))
    const takes = parses()
    useFitting.getState().put([mass(11)])
    expect(takes.count()).toBe(1)
    const shownAtOnce = useFitting.getState().case!
    const judged = assessmentOf(shownAtOnce)
    await settle()
    // Once here; the second is the made-up server's own.
    expect(takes.count()).toBe(2)
    takes.end()
    expect(useFitting.getState().case).toBe(shownAtOnce)
    expect(assessmentOf(useFitting.getState().case!)).toBe(judged)
    expect(useFitting.getState().view!.case).toEqual(server.server.views.f1!.case)
    // Looked at again, the same state is no news.
    await useFitting.getState().refresh()
    expect(useFitting.getState().case).toBe(shownAtOnce)
  })
  test('entries that wait behind one another are each judged once', async () => {
    const server = fakeServer({ f1: buildCase() })
    await useFitting.getState().open(FittingId('f1'))
    server.line.isUp = false
    const takes = parses()
    for (const kg of [11, 11.1, 11.2]) useFitting.getState().put([mass(kg)])
    await settle()
    expect(takes.count()).toBe(3)
    const shownAtOnce = useFitting.getState().case!
    server.line.isUp = true
    await sendFor(FittingId('f1'))
    await settle()
    expect(takes.count()).toBe(6)
    takes.end()
    expect(useFitting.getState().case).toBe(shownAtOnce)
    expect(shownAtOnce).toEqual(server.server.views.f1!.case)
  })
  test('what somebody else stored in between comes with the answer, and is shown', async () => {
    const server = fakeServer({ f1: buildCase() })
    await useFitting.getState().open(FittingId('f1'))
    server.take(FittingId('f1'), [{ path: ['child', 'note'], value: 'sings' }])
    server.take(FittingId('f1'), [MOVED])
    useFitting.getState().put([mass(11)])
    await settle()
    expect(useFitting.getState()).toMatchObject({ conflict: null, queue: [], view: { sequence: START + 3 } })
    expect(useFitting.getState().case).toEqual(server.server.views.f1!.case)
    expect(useFitting.getState().case).toMatchObject({ child: { note: 'sings' }, disturbances: { base: { at: START + 2 } } }) // prettier-ignore
  })
  test('whoever is too far behind for the short answer fetches the whole', async () => {
    const server = fakeServer({ f1: buildCase() })
    await useFitting.getState().open(FittingId('f1'))
    server.server.mostEntries = 1
    server.take(FittingId('f1'), [{ path: ['child', 'note'], value: 'sings' }])
    useFitting.getState().put([mass(11)])
    await settle()
    expect(useFitting.getState()).toMatchObject({ queue: [], saving: 'saved', view: { sequence: START + 2 } })
    expect(useFitting.getState().case).toEqual(server.server.views.f1!.case)
  })
})
