import { IsoDate } from '@nimble-anchor/core/ground'
import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { DataSource } from 'typeorm'
import { buildCase, withEverythingGood } from '@nimble-anchor/core/testing'
import { replay, type Case, type Changed } from '@nimble-anchor/core/casefile'
import { Database } from '../src/storage/database'
import { ENTITIES, EntryRow, FittingRow, VehicleRow } from '../src/storage/entities'
import { MIGRATIONS } from '../src/storage/migrations/index'
import { demoDocuments, moveDays } from '../src/demo/files'
import { start } from './harness'

const folder = () => mkdtempSync(join(tmpdir(), 'nimble-anchor-'))
const mass = (value: number) => ({ path: ['child', 'massKg'], value: { value, source: 'measured' } })

test('fittings survive a restart, and their history replays to what is shown', async () => {
  let na = await start({ demo: true })
  const { id } = (await na.post('/api/fittings', { childId: 'tamsin-hale' })).body
  for (let i = 0; i < 5; i += 1) {
    await na.post(`/api/fittings/${id}/entries`, { baseSequence: i, who: 'Jory', puts: [mass(10 + i)] }).expect(200)
  }
  na = await na.restart()
  const view = (await na.get(`/api/fittings/${id}`).expect(200)).body
  expect(view).toMatchObject({ sequence: 5, case: { child: { massKg: { value: 14 } } } })
  const db = na.app.get(Database)
  const row = (await db.read.findOne(FittingRow, { where: { id }, select: { id: true, initial: true } }))!
  const entries = await db.read.find(EntryRow, { where: { fittingId: id }, order: { sequence: 'ASC' } })
  expect(
    replay(
      row.initial as Case,
      entries.map((e) => e.changes as Changed[]),
    ),
  ).toEqual(view.case)
  await na.end()
})

test('on a later day the next entry is judged for that day, and the history says so', async () => {
  let na = await start({ demo: true })
  const { id } = (await na.post('/api/fittings', { childId: 'tamsin-hale' })).body
  na = await na.restart('2026-12-01')
  const view = (
    await na.post(`/api/fittings/${id}/entries`, { baseSequence: 0, who: 'Jory', puts: [mass(10)] }).expect(200)
  ).body
  expect(view.case.today).toBe('2026-12-01')
  const [entry] = (await na.get(`/api/fittings/${id}/history`)).body
  expect(entry.changes[0]).toEqual({ path: ['today'], from: '2026-11-25', to: '2026-12-01' })
  await na.end()
})

test('a fitting judged for another day is not signed', async () => {
  let na = await start()
  const view = (await na.post('/api/fittings/import', withEverythingGood(buildCase()))).body
  na = await na.restart('2026-11-26')
  const { body } = await na
    .post(`/api/fittings/${view.id}/sign`, { baseSequence: view.sequence, who: 'a', carerName: 'b' })
    .expect(409)
  expect(body.message).toContain('another day')
  await na.end()
})

test('undoing the first entry of a new day takes the entry back, not the day', async () => {
  let na = await start({ demo: true })
  const { id } = (await na.post('/api/fittings', { childId: 'tamsin-hale' })).body
  na = await na.restart('2026-12-01')
  await na.post(`/api/fittings/${id}/entries`, { baseSequence: 0, who: 'Jory', puts: [mass(11)] }).expect(200)
  const undone = (await na.post(`/api/fittings/${id}/undo`, { baseSequence: 1, who: 'Jory' }).expect(200)).body
  expect(undone.case).toMatchObject({ today: '2026-12-01', child: { massKg: { value: 10.4 } } })
  await na.end()
})

test('a fitting of yesterday is judged for today, and for no other day', async () => {
  let na = await start({ demo: true })
  const { id } = (await na.post('/api/fittings', { childId: 'tamsin-hale' })).body
  na = await na.restart('2026-11-26')
  const judge = (value: string) =>
    na.post(`/api/fittings/${id}/entries`, { baseSequence: 0, who: 'Jory', puts: [{ path: ['today'], value }] })
  expect((await judge('2027-01-01').expect(400)).body.faults).toEqual([
    { path: '$.puts[0].value', message: 'must be 2026-11-26, the day on which it is judged' },
  ])
  expect((await judge('2026-11-26').expect(200)).body.case.today).toBe('2026-11-26')
  expect((await na.get(`/api/fittings/${id}/history`)).body[0].changes).toEqual([
    { path: ['today'], from: '2026-11-25', to: '2026-11-26' },
  ])
  await na.end()
})

describe('the store', () => {
  test('writes are serialised: a rollback takes nobody else’s write with it', async () => {
    const dir = folder()
    const db = await Database.open(dir)
    const jobs = Array.from({ length: 50 }, (_, i) =>
      db.write(async (m) => {
        await m.insert(VehicleRow, { id: `v${i}`, body: { n: i } })
        await new Promise((r) => setTimeout(r, Math.random() * 3))
        if (i % 5 === 0) throw new Error('rolled back')
        // A nested call joins the outer unit of work.
        await db.write((inner) => inner.insert(VehicleRow, { id: `w${i}`, body: {} }))
      }),
    )
    const outcomes = await Promise.allSettled(jobs)
    expect(outcomes.filter((o) => o.status === 'fulfilled')).toHaveLength(40)
    expect(await db.read.count(VehicleRow)).toBe(80)
    await db.onModuleDestroy()
    rmSync(dir, { recursive: true })
  })
  test('writes that come one after another, each at the moment the last is answered, are all stored', async () => {
    const dir = folder()
    const db = await Database.open(dir)
    for (let i = 0; i < 30; i += 1) await db.write((m) => m.insert(VehicleRow, { id: `v${i}`, body: {} }))
    expect(await db.read.count(VehicleRow)).toBe(30)
    await db.onModuleDestroy()
    rmSync(dir, { recursive: true })
  })
  test('nobody is answered before what was stored can be read', async () => {
    const dir = folder()
    const db = await Database.open(dir)
    const seen = await Promise.all(
      Array.from({ length: 40 }, async (_, i) => {
        await db.write((m) => m.insert(VehicleRow, { id: `v${i}`, body: {} }))
        return db.read.existsBy(VehicleRow, { id: `v${i}` })
      }),
    )
    expect(seen.every(Boolean)).toBe(true)
    await db.onModuleDestroy()
    rmSync(dir, { recursive: true })
  })
  test('an entry of the history cannot be changed, a foreign key cannot dangle', async () => {
    const na = await start({ demo: true })
    const { id } = (await na.post('/api/fittings', { childId: 'tamsin-hale' })).body
    await na.post(`/api/fittings/${id}/entries`, { baseSequence: 0, who: 'Jory', puts: [mass(10)] })
    const db = na.app.get(Database)
    await expect(
      db.write((m) => m.update(EntryRow, { fittingId: id, sequence: 1 }, { who: 'Somebody else' })),
    ).rejects.toThrow(/append-only/)
    await expect(
      db.write((m) =>
        m.insert(EntryRow, { fittingId: 'none', sequence: 1, enteredAt: '', who: '', changes: [], undoes: null }),
      ),
    ).rejects.toThrow(/FOREIGN KEY/)
    await expect(db.read.query(`INSERT INTO vehicle VALUES ('x', '{}')`)).rejects.toThrow(/readonly/)
    await na.end()
  })
  test('each migration goes up, down and up again, and leaves what the entities describe', async () => {
    const dir = folder()
    const source = new DataSource({
      type: 'better-sqlite3',
      database: join(dir, 'm.sqlite'),
      entities: ENTITIES,
      migrations: MIGRATIONS,
    })
    await source.initialize()
    const tables = async () =>
      (
        (await source.query(
          `SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' AND name <> 'migrations' AND name NOT LIKE 'fitting_search%' ORDER BY name`,
        )) as { name: string }[]
      ).map((t) => t.name)
    await source.runMigrations()
    expect(await tables()).toEqual(source.entityMetadatas.map((e) => e.tableName).toSorted())
    for (const e of source.entityMetadatas) {
      const columns = ((await source.query(`PRAGMA table_info("${e.tableName}")`)) as { name: string }[]).map(
        (c) => c.name,
      )
      expect([e.tableName, columns.toSorted()]).toEqual([e.tableName, e.columns.map((c) => c.databaseName).toSorted()])
    }
    for (let i = 0; i < MIGRATIONS.length; i += 1) await source.undoLastMigration()
    expect(await tables()).toEqual([])
    await source.runMigrations()
    expect(await tables()).toHaveLength(ENTITIES.length)
    await source.destroy()
    rmSync(dir, { recursive: true })
  })
})

const MAIN = join(__dirname, '../dist/main.js')
async function freePort(): Promise<number> {
  const probe = createServer().listen(0, '127.0.0.1')
  await new Promise((r) => probe.once('listening', r))
  const { port } = probe.address() as { port: number }
  await new Promise((r) => probe.close(r))
  return port
}
const launched: ChildProcess[] = []
// A test that fails half-way must not leave a server behind.
afterAll(() => launched.forEach((child) => child.kill('SIGKILL')))

function launch(
  port: number,
  dataDir: string,
  ...extra: string[]
): { process: ChildProcess; output: () => string; up: Promise<boolean> } {
  const child = spawn(process.execPath, [MAIN, '--port', String(port), '--data', dataDir, ...extra], {
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  launched.push(child)
  let text = ''
  const up = new Promise<boolean>((resolve) => {
    const read = (chunk: Buffer): void => {
      text += chunk.toString()
      if (text.includes('Nimble Anchor is at')) resolve(true)
    }
    child.stdout.on('data', read)
    child.stderr.on('data', read)
    child.on('exit', () => resolve(false))
  })
  return { process: child, output: () => text, up }
}

describe('the program', () => {
  test('an acknowledged entry survives kill -9', async () => {
    const dir = folder()
    const port = await freePort()
    const api = (path: string, body?: object) =>
      fetch(
        `http://127.0.0.1:${port}/api/${path}`,
        body && { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) },
      )
    let server = launch(port, dir)
    expect(await server.up).toBe(true)
    const { id } = (await (await api('fittings', { newChild: { name: 'Pip' } })).json()) as { id: string }
    let acknowledged = 0
    for (let round = 0; round < 3; round += 1) {
      try {
        for (let i = 0; i < 10_000; i += 1) {
          const answer = await api(`fittings/${id}/entries`, {
            baseSequence: acknowledged,
            who: 'Jory',
            puts: [mass(5 + (acknowledged % 50))],
          })
          if (answer.status !== 200) throw new Error(`status ${answer.status}`)
          acknowledged += 1
          // Its time begins when it stores: a busy machine takes longer than this until then.
          if (i === 0) setTimeout(() => server.process.kill('SIGKILL'), 250)
        }
      } catch {
        // Killed in the middle of a write.
      }
      server = launch(port, dir)
      expect(await server.up).toBe(true)
      const view = (await (await api(`fittings/${id}`)).json()) as { sequence: number }
      // One more may have been stored than was acknowledged, never one fewer.
      expect(view.sequence - acknowledged).toBeGreaterThanOrEqual(0)
      expect(view.sequence - acknowledged).toBeLessThanOrEqual(1)
      acknowledged = view.sequence
    }
    expect(acknowledged).toBeGreaterThanOrEqual(3)
    server.process.kill('SIGTERM')
    await new Promise((r) => server.process.once('exit', r))
    rmSync(dir, { recursive: true })
  }, 300_000)

  test('a taken port, a bad port and a folder that is none end with a plain sentence', async () => {
    const dir = folder()
    const port = await freePort()
    const first = launch(port, dir)
    expect(await first.up).toBe(true)
    const second = launch(port, join(dir, 'other'))
    expect(await second.up).toBe(false)
    expect(second.output()).toContain(`Port ${port} is taken`)
    const bad = launch(Number.NaN, dir)
    expect(await bad.up).toBe(false)
    expect(bad.output()).toContain('--port must be a whole number')
    const file = join(dir, 'nimble-anchor.sqlite')
    const wrong = launch(await freePort(), file)
    expect(await wrong.up).toBe(false)
    expect(wrong.output()).toContain(`${file} is not a folder`)
    first.process.kill('SIGTERM')
    await new Promise((r) => first.process.once('exit', r))
    rmSync(dir, { recursive: true })
  }, 300_000)
})

test('the demo’s files come in the order in which they can be imported, as of the day asked for', () => {
  const documents = demoDocuments(join(__dirname, '../../demo'), IsoDate('2030-01-01')) as Record<string, unknown>[]
  expect(documents.map((d) => Object.keys(d).filter((k) => Array.isArray(d[k])))).toEqual([
    ['children'],
    ['vehicles'],
    ['models', 'units'],
    ['units', 'children'],
  ])
  expect(documents.map((d) => d.asOf)).toEqual(['2030-01-01', '2030-01-01', '2030-01-01', '2030-01-01'])
})
test('moving the demo’s days keeps ages and leaves everything else alone', () => {
  expect(moveDays({ a: '2025-07-20', b: ['2025-07-20', 'no-day', 7], c: { d: null } }, 5)).toEqual({
    a: '2025-07-25',
    b: ['2025-07-25', 'no-day', 7],
    c: { d: null },
  })
})
