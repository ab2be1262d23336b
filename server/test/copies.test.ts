import { spawnSync } from 'node:child_process'
import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  utimesSync,
  writeFileSync,
} from 'node:fs'
import { gunzipSync } from 'node:zlib'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import SQLite from 'better-sqlite3'
import { makeCopy, pruneSetAside } from '../src/copies/copy'
import { DailyCopies } from '../src/copies/daily'
import { readErased } from '../src/storage/erased-list'
import { restore } from '../src/copies/restore'
import { startChecks } from '../src/storage/start-checks'
import { CannotOpen } from '../src/storage/store-faults'
import { Browser, start, type Running } from './harness'

const NOW = new Date('2026-11-27T10:00:00Z')
const DAY_MS = 24 * 3600_000
const after = (days: number): Date => new Date(NOW.getTime() + days * DAY_MS)
/** Where nobody signs in, no lead is asked for. */
const AS_NOBODY = {
  now: NOW,
  askLead: () => Promise.reject(new Error('nobody is to be asked')),
}
const PASSPHRASE = 'gannet buoy amber rope'
const folders: string[] = []
const folder = (): string => {
  const made = mkdtempSync(join(tmpdir(), 'nimble-anchor-copies-'))
  folders.push(made)
  return made
}
afterAll(() => folders.forEach((f) => rmSync(f, { recursive: true, force: true })))

/** Every row of every table of a database, but for the inside of its search index, which is merged now and then. */
function everything(file: string): Record<string, unknown> {
  const db = new SQLite(file, { readonly: true })
  const tables = db.prepare(`SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name NOT LIKE 'fitting_search%' ORDER BY name`).pluck().all() as string[] // prettier-ignore
  const all = Object.fromEntries(
    tables.map((t) => [
      t,
      (db.prepare(`SELECT * FROM "${t}"`).all() as object[]).map((r) => JSON.stringify(r)).toSorted(),
    ]),
  )
  db.close()
  return all
}
const fileOf = (dataDir: string): string => join(dataDir, 'nimble-anchor.sqlite')
const copy = (at: Running, to: string, passphrase?: string) =>
  makeCopy(at.dataDir, to, { now: NOW, keepDays: 30, passphrase })
const begin = async (at: Running): Promise<string> => ((await at.post('/api/fittings', { childId: 'tamsin-hale' })).body as { id: string }).id // prettier-ignore
const enter = (at: Running, id: string, base: number, months: number) =>
  at.post(`/api/fittings/${id}/entries`, { baseSequence: base, who: 'Jory Quill', puts: [{ path: ['child', 'ageMonths'], value: { value: months, source: 'told' } }] }) // prettier-ignore

test('copied under load, whole at one moment; restored, every row is as it was', async () => {
  const at = await start({ demo: true })
  const to = folder()
  const id = await begin(at)
  let sent = 0
  let isOver = false
  const load = (async () => {
    while (!isOver) {
      expect((await enter(at, id, sent, 10 + (sent % 30))).status).toBe(200)
      sent += 1
    }
  })()
  while (sent < 20) await new Promise((r) => setTimeout(r, 5))
  const acknowledged = sent
  const under = await copy(at, to)
  isOver = true
  await load
  expect(sent).toBeGreaterThan(acknowledged)

  const first = folder()
  await restore(under.file, first, AS_NOBODY)
  const rows = everything(fileOf(first)) as { fitting: string[]; fitting_entry: string[] }
  const fitting = rows.fitting.map((r) => JSON.parse(r) as { id: string; sequence: number }).find((f) => f.id === id)
  const entries = rows.fitting_entry.filter((r) => (JSON.parse(r) as { fittingId: string }).fittingId === id)
  // Nothing that was acknowledged before it began is missing, and what it says of itself is so.
  expect(fitting?.sequence).toBeGreaterThanOrEqual(acknowledged)
  expect(entries).toHaveLength(fitting?.sequence ?? 0)

  const second = folder()
  const quiet = await makeCopy(at.dataDir, to, { now: after(1), keepDays: 30 })
  await at.end()
  await restore(quiet.file, second, AS_NOBODY)
  const again = await start({ dataDir: second })
  expect(((await again.get(`/api/fittings/${id}`)).body as { sequence: number }).sequence).toBe(sent)
  expect(((await again.get('/api/logbook?q=Tamsin')).body as { total: number }).total).toBe(1)
  const third = folder()
  await copy(again, third)
  await again.app.close()
  // Whatever was read on the way has changed nothing; the record alone says that it was restored.
  const { setting: _a, audit: _c, ...copied } = everything(quiet.file)
  const { setting: _b, audit: _d, ...served } = everything(fileOf(second))
  expect(served).toEqual(copied)
})

test('erased, and an older copy restored: still erased, by the list alone too; their words are nowhere in the file', async () => {
  const at = await start({ demo: true })
  const to = folder()
  const fittingId = await begin(at)
  const { body: families } = await at.get('/api/families')
  const hale = (families as { id: string; name: string }[]).find((f) => f.name === 'Hale')
  await at.post('/api/visits', { day: '2026-11-25', time: '10:00', who: 'the Hale twins', note: '', isWalkIn: true, state: 'expected', childId: null, vehicleId: null, fittingId: null }) // prettier-ignore
  const { file } = await copy(at, to)
  expect(readFileSync(file).includes('Tamsin')).toBe(true)
  expect(
    (await at.app.getHttpServer(), await at.delete(`/api/families/${hale?.id}`).send({ name: 'Hale' })).status,
  ).toBe(200)
  expect(readErased(at.dataDir)).toEqual(expect.arrayContaining([{ kind: 'family', id: hale?.id }, { kind: 'fitting', id: fittingId }])) // prettier-ignore
  expect(readFileSync(join(at.dataDir, 'erased.txt'), 'utf8')).not.toMatch(/Tamsin|Hale/)
  await at.app.close()

  // The database itself is lost; the list beside it is not.
  rmSync(fileOf(at.dataDir))
  const restored = await restore(file, at.dataDir, AS_NOBODY)
  expect(restored.erased).toBeGreaterThan(1)
  const bytes = readFileSync(fileOf(at.dataDir))
  for (const word of ['Tamsin', 'the Hale twins']) expect([word, bytes.includes(word)]).toEqual([word, false])
  const again = await start({ dataDir: at.dataDir })
  expect((await again.get(`/api/families/${hale?.id}`)).status).toBe(404)
  expect((await again.get(`/api/fittings/${fittingId}`)).status).toBe(404)
  expect((await again.post('/api/fittings/erased', { ids: [fittingId] })).body).toEqual([fittingId])
  await again.end()
})

test('a device that was signed out since stays so: after a restore everybody signs in again, and the record says that it was done', async () => {
  const at = await start()
  const browser = new Browser(at)
  const made = await browser.ask('post', '/api/people', { name: 'Merryn Vos', role: 'lead', password: PASSPHRASE })
  const [code = ''] = (made.body as { recoveryCodes: string[] }).recoveryCodes
  await browser.ask('post', '/api/people', { name: 'Jory Quill', role: 'fitter', password: PASSPHRASE })
  const { file } = await copy(at, folder())
  await at.app.close()
  const asLead = (name: string, password: string) => ({ now: NOW, askLead: () => Promise.resolve({ name, password }) })
  // A lead says so, or nothing is changed.
  const before = everything(fileOf(at.dataDir))
  for (const [name, password] of [
    ['Merryn Vos', 'another one, as long'],
    ['Jory Quill', PASSPHRASE],
    ['Kerra Lowe', PASSPHRASE],
    ['', ''],
  ] as const)
    // prettier-ignore
    await expect(restore(file, at.dataDir, asLead(name, password))).rejects.toThrow(/password of a lead is not right/)
  expect(everything(fileOf(at.dataDir))).toEqual(before)
  await expect(restore(file, at.dataDir, asLead('Jory Quill', code))).rejects.toThrow(/of a lead is not right/)
  // Where the database is lost, a lead of the copy does, by a printed code too where the password is forgotten.
  const lost = folder()
  await expect(restore(file, lost, asLead('Merryn Vos', 'another one, as long'))).rejects.toThrow(/of a lead/)
  expect((await restore(file, lost, asLead('merryn vos ', PASSPHRASE))).before).toBeUndefined()
  expect((await restore(file, folder(), asLead('Merryn Vos', code.toLowerCase()))).before).toBeUndefined()

  await restore(file, at.dataDir, asLead('Merryn Vos', PASSPHRASE))
  const again = await start({ dataDir: at.dataDir })
  const later = new Browser(again)
  expect((await later.ask('get', '/api/day')).status).toBe(401)
  await later.ask('post', '/api/session/sign-in', { name: 'Merryn Vos', password: PASSPHRASE })
  expect(((await later.ask('get', '/api/session/devices')).body as unknown[]).length).toBe(1)
  expect((await later.ask('get', '/api/audit')).body).toEqual(
    expect.arrayContaining([expect.objectContaining({ who: 'Merryn Vos', what: 'restored a copy' })]),
  )
  await again.end()
})

test.each([
  ['by an earlier program', 'schema-1.sqlite.gz'],
  ['by the one before this', 'schema-7.sqlite.gz'],
])('a copy made %s is brought to today’s format', async (_, name) => {
  const data = folder()
  const from = join(folder(), 'nimble-anchor-2026-01-01T000000Z.sqlite')
  writeFileSync(from, gunzipSync(readFileSync(join(__dirname, 'databases', name))))
  const { fittings } = await restore(from, data, AS_NOBODY)
  const at = await start({ dataDir: data })
  expect(((await at.get('/api/logbook')).body as { total: number }).total).toBe(fittings)
  await at.end()
})

describe('what is refused, with nothing changed', () => {
  async function folderWithData() {
    const at = await start({ demo: true })
    await begin(at)
    const { file } = await copy(at, folder())
    await at.app.close()
    return { data: at.dataDir, file, before: readFileSync(fileOf(at.dataDir)) }
  }
  test('a running server, a damaged copy, one cut short, one of a newer program, one that is not there', async () => {
    const { data, file, before } = await folderWithData()
    const refused = async (from: string, why: RegExp): Promise<void> => {
      await expect(restore(from, data, AS_NOBODY)).rejects.toThrow(CannotOpen)
      await expect(restore(from, data, AS_NOBODY)).rejects.toThrow(why)
      expect(readFileSync(fileOf(data)).equals(before)).toBe(true)
      expect(readdirSync(data).filter((n) => /restor/.test(n))).toEqual([])
    }
    const spoiled = (name: string, spoil: (bytes: Buffer) => Buffer): string => {
      const to = join(folder(), name)
      writeFileSync(to, spoil(Buffer.from(readFileSync(file))))
      return to
    }
    await refused(
      spoiled('page.sqlite', (b) => b.fill(0xaa, 8192, 16384)),
      /is damaged/,
    )
    await refused(
      spoiled('short.sqlite', (b) => b.subarray(0, b.length - 20_000)),
      /is damaged/,
    )
    await refused(join(folder(), 'nothing.sqlite'), /no copy at/)
    const newer = spoiled('newer.sqlite', (b) => b)
    const db = new SQLite(newer)
    db.exec(`INSERT INTO "migrations" ("timestamp", "name") VALUES (1, 'OfTomorrow')`)
    db.close()
    await refused(newer, /newer Nimble Anchor \(OfTomorrow\)/)
    const running = await start({ dataDir: data })
    await expect(restore(file, data, AS_NOBODY)).rejects.toThrow(/Another Nimble Anchor already uses/)
    await running.end()
  })

  test('a sealed copy opens by its passphrase only, and shows nothing without it', async () => {
    const at = await start({ demo: true })
    await begin(at)
    const { file } = await copy(at, folder(), PASSPHRASE)
    await at.end()
    expect(file).toMatch(/\.sqlite\.sealed$/)
    expect(readFileSync(file).includes('Tamsin')).toBe(false)
    expect(statSync(file).mode & 0o077).toBe(0)
    const data = folder()
    await expect(restore(file, data, AS_NOBODY)).rejects.toThrow(/give its passphrase/)
    await expect(restore(file, data, { ...AS_NOBODY, passphrase: 'another one, as long' })).rejects.toThrow(
      /does not open/,
    )
    const changed = join(folder(), 'x.sealed')
    const bytes = readFileSync(file)
    bytes[5000] = (bytes[5000] ?? 0) ^ 1
    writeFileSync(changed, bytes)
    await expect(restore(changed, data, { ...AS_NOBODY, passphrase: PASSPHRASE })).rejects.toThrow(/does not open/)
    expect((await restore(file, data, { ...AS_NOBODY, passphrase: PASSPHRASE })).fittings).toBe(1)
  })
})

test('one a day, the old ones go, none is kept beyond thirty days; what a restore set aside neither', async () => {
  const at = await start({ demo: true })
  const to = folder()
  const daily = new DailyCopies()
  const options = { dataDir: at.dataDir, to, keepDays: 90 }
  const made: boolean[] = []
  for (const days of [0, 0.5, 1, 2, 31.5]) made.push((await daily.ifDue(options, after(days))) !== undefined)
  expect(made).toEqual([true, false, true, true, true])
  expect(
    readdirSync(to)
      .filter((n) => n.endsWith('.sqlite'))
      .toSorted(),
  ).toEqual(['nimble-anchor-2026-11-29T100000Z.sqlite', 'nimble-anchor-2026-12-28T220000Z.sqlite'])
  const aside = join(at.dataDir, 'before-restore-2026-11-27T100000Z.sqlite')
  copyFileSync(fileOf(at.dataDir), aside)
  pruneSetAside(at.dataDir, after(20))
  expect(existsSync(aside)).toBe(true)
  pruneSetAside(at.dataDir, after(32))
  expect(existsSync(aside)).toBe(false)
  await at.end()
})

describe('looked at before anything is written', () => {
  test('little room is said, and that there is none', () => {
    const data = folder()
    expect(startChecks(data, NOW.getTime(), 400e6)).toEqual([])
    expect(startChecks(data, NOW.getTime(), 200e6)).toEqual([expect.stringContaining('Only 200 MB are free')])
    expect(startChecks(data, NOW.getTime(), 0.5e6)).toEqual([
      expect.stringMatching(/Only 0 MB are free.*Nothing more can be kept/),
    ])
  })

  test('a clock that went back is said, and one that is a little behind is not', async () => {
    const at = await start({ demo: true })
    await begin(at)
    await at.app.close()
    const [newest] = (everything(fileOf(at.dataDir)).fitting as string[]).map((r) => (JSON.parse(r) as { updatedAt: string }).updatedAt) // prettier-ignore
    const ms = Date.parse(newest ?? '')
    expect(startChecks(at.dataDir, ms - 5 * 60_000)).toEqual([])
    expect(startChecks(at.dataDir, ms - DAY_MS)).toEqual([expect.stringContaining(`the newest entry is of ${newest}`)])
    utimesSync(fileOf(at.dataDir), NOW, NOW)
  })

  test('a damaged file is not opened, is left as it is, and the newest copy is named', async () => {
    const at = await start({ demo: true })
    await begin(at)
    await makeCopy(at.dataDir, join(at.dataDir, 'copies'), { now: NOW, keepDays: 30 })
    await at.app.close()
    const bytes = readFileSync(fileOf(at.dataDir))
    bytes.fill(0xaa, 4096, 12288)
    writeFileSync(fileOf(at.dataDir), bytes)
    await expect(start({ dataDir: at.dataDir })).rejects.toThrow(
      /are damaged .* npm run restore -- .*nimble-anchor-2026-11-27T100000Z\.sqlite/,
    )
    expect(readFileSync(fileOf(at.dataDir)).equals(bytes)).toBe(true)
  })
})

test('the commands say what they did, and what they want', async () => {
  const cli = join(__dirname, '../dist/copies/cli.js')
  const run = (...args: string[]) => {
    const { status, stdout, stderr } = spawnSync(process.execPath, [cli, ...args], {
      encoding: 'utf8',
      timeout: 60_000,
    })
    return [status, `${stdout}${stderr}`] as const
  }
  const at = await start({ demo: true })
  const to = folder()
  expect(run('backup', '--data', at.dataDir, '--to', to)).toEqual([
    0,
    expect.stringMatching(/: 0 fittings, .* MB, opened and checked\./),
  ])
  expect(run('backup', '--data', at.dataDir)).toEqual([2, expect.stringContaining('Say where to')])
  expect(run('backup', '--data', at.dataDir, '--to', to, '--keep-days', '90')).toEqual([
    2,
    expect.stringContaining('from 1 to 30'),
  ])
  expect(run('backup', '--data', folder(), '--to', to)).toEqual([1, expect.stringContaining('no database there')])
  expect(run('restore')).toEqual([2, expect.stringContaining('Say from where')])
  const [name = ''] = readdirSync(to).filter((n) => n.endsWith('.sqlite'))
  expect(run('restore', join(to, name), '--data', at.dataDir)).toEqual([
    1,
    expect.stringContaining('Another Nimble Anchor'),
  ])
  await at.app.close()
  expect(run('restore', join(to, name), '--data', at.dataDir)).toEqual([
    0,
    expect.stringContaining('holds the copy now: 0 fittings'),
  ])
  const again = await start({ dataDir: at.dataDir })
  await new Browser(again).ask('post', '/api/people', { name: 'Merryn Vos', role: 'lead', password: PASSPHRASE })
  await again.app.close()
  const asked = (input: string) => spawnSync(process.execPath, [cli, 'restore', join(to, name), '--data', at.dataDir], { encoding: 'utf8', input }).status // prettier-ignore
  expect(asked('')).toBe(1)
  expect(asked('Merryn Vos\nsomething else, as long\n')).toBe(1)
  expect(asked(`Merryn Vos\n${PASSPHRASE}\n`)).toBe(0)
})
