import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { Worker } from 'node:worker_threads'
import { buildCase } from '@nimble-anchor/core/testing'
import type * as Beside from '../src/work/threads'
import type * as Source from '../src/work/workshop'

/** The compiled one, with its threads: from sources the work is done in place. */
const { Workshop } = jest.requireActual<typeof Source>('../dist/work/workshop.js')
const { Threads } = jest.requireActual<typeof Beside>('../dist/work/threads.js')

let shop: Source.Workshop
beforeEach(() => {
  shop = new Workshop(new Threads())
})
afterEach(() => shop.onModuleDestroy())

const CSV = 'unit.id,unit.modelId,unit.serial\nu-1,ravel-bowline,S1\n'
const c = JSON.parse(JSON.stringify(buildCase())) as ReturnType<typeof buildCase>

const silent = (gone: AbortSignal) => ({ gone, tell: () => undefined })

test('one after another, more than there are threads, each gets its own answer', async () => {
  const serials = Array.from({ length: 12 }, (_, i) => `S${i}`)
  const read = await Promise.all(serials.map((s) => shop.run('readCsv', [CSV.replace('S1', s)])))
  expect(read.map((r) => r.ok && (r.value[0]?.item as unknown as { serial: string }).serial)).toEqual(serials)
})
test('what nobody waits for any more is stopped, and the next is done', async () => {
  const gone = new AbortController()
  const slow = shop.run('sheet', [c], silent(gone.signal))
  setTimeout(() => gone.abort(), 20)
  await expect(slow).rejects.toMatchObject({ status: 409, message: 'Stopped: nothing was stored.' })
  expect((await shop.run('readCsv', [CSV])).ok).toBe(true)
})
test('a thread that still reads the program in is stopped after that, and not in the midst of it', async () => {
  const seen: string[] = []
  const begun = new WeakSet<Worker>()
  const { emit } = Worker.prototype
  const { terminate } = Worker.prototype
  const told = jest.spyOn(Worker.prototype, 'emit').mockImplementation(function (this: Worker, ...of) {
    if (of[0] === 'message' && (of[1] as { hasBegun?: true }).hasBegun) begun.add(this)
    return emit.apply(this, of)
  })
  const stopped = jest.spyOn(Worker.prototype, 'terminate').mockImplementation(function (this: Worker) {
    seen.push(begun.has(this) ? 'begun' : 'still reading')
    return terminate.call(this)
  })
  try {
    const gone = new AbortController()
    const all = [1, 2, 3, 4, 5].map(() => shop.run('sheet', [c], silent(gone.signal)))
    gone.abort()
    expect((await Promise.allSettled(all)).map((s) => s.status)).toEqual(Array(5).fill('rejected'))
    expect((await shop.run('readCsv', [CSV])).ok).toBe(true)
    await shop.onModuleDestroy()
    // Two threads at most were begun for those who left, and one after them.
    expect(seen.length).toBeLessThanOrEqual(4)
    expect(new Set(seen)).toEqual(new Set(['begun']))
  } finally {
    told.mockRestore()
    stopped.mockRestore()
  }
})
test('given up before its turn, it is never begun', async () => {
  const gone = new AbortController()
  const all = [shop.run('sheet', [c]), shop.run('sheet', [c]), shop.run('sheet', [c], silent(gone.signal))]
  gone.abort()
  const settled = await Promise.allSettled(all)
  expect(settled.map((s) => s.status)).toEqual(['fulfilled', 'fulfilled', 'rejected'])
})
test('a failure in a thread is a failure here, and the thread goes on', async () => {
  await expect(shop.run('due', [{} as never])).rejects.toThrow('due failed')
  expect((await shop.run('readCsv', [CSV])).ok).toBe(true)
})
test('whoever waits is told how far it is: forwards, and never that it is done before it is', async () => {
  const models = JSON.parse(readFileSync(join(__dirname, '../../demo/restraints.json'), 'utf8')) as { models: { id: string }[] } // prettier-ignore
  const many = Array.from({ length: 400 }, (_, i) => ({ ...models.models[i % models.models.length], id: `m-${i}` }))
  const told: number[] = []
  const read = await shop.run('readCatalogue', [{ format: 'nimble-anchor/catalogue', version: 2, models: many }], { gone: new AbortController().signal, tell: (share) => void told.push(share) }) // prettier-ignore
  expect(read.ok && read.value.length).toBe(400)
  expect(told.length).toBeGreaterThan(0)
  expect(told).toEqual(told.toSorted((a, b) => a - b))
  expect(told.every((share) => share > 0 && share < 1)).toBe(true)
})
test('closed in the midst of it, nobody waits for ever', async () => {
  const all = [1, 2, 3, 4].map(() => shop.run('sheet', [c]))
  const settled = Promise.allSettled(all)
  await shop.onModuleDestroy()
  expect((await settled).map((s) => s.status)).toEqual(['rejected', 'rejected', 'rejected', 'rejected'])
})
test('threads that are shared serve the next application too, until whoever made them ends them', async () => {
  const threads = new Threads(true)
  const take = jest.spyOn(threads, 'take')
  const ended = jest.spyOn(Worker.prototype, 'terminate')
  try {
    for (const serial of ['S1', 'S2', 'S3']) {
      const one = new Workshop(threads)
      const read = await one.run('readCsv', [CSV.replace('S1', serial)])
      expect(read.ok && read.value[0]?.item).toMatchObject({ serial })
      await one.onModuleDestroy()
    }
    expect(new Set(take.mock.results.map((r) => r.value as unknown)).size).toBe(1)
    expect(ended).not.toHaveBeenCalled()
    await threads.end()
    expect(ended).toHaveBeenCalledTimes(1)
  } finally {
    ended.mockRestore()
  }
})
