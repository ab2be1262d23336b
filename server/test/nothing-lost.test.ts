import { Sequence } from '@nimble-anchor/core/ground'
import { execFileSync } from 'node:child_process'
import { createHash, randomUUID } from 'node:crypto'
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync } from 'node:zlib'
import SQLite from 'better-sqlite3'
import { applyPuts, highestSequence, withChanges, type Case, type Put } from '@nimble-anchor/core/casefile'
import { type FittingView, type ImportRow, type Stored } from '@nimble-anchor/core/formats'
import { buildCase, withEverythingGood } from '@nimble-anchor/core/testing'
import { Database } from '../src/storage/database'
import { UnitRow, VehicleRow } from '../src/storage/entities'
import { rawOf } from '../src/storage/opening'
import { start, TODAY, type Running } from './harness'

const example = JSON.parse(readFileSync(join(__dirname, '../../docs/formats/example.case.json'), 'utf8')) as Case
const folder = () => mkdtempSync(join(tmpdir(), 'nimble-anchor-'))
const mass = (value: number, on?: string): Put => ({
  path: ['child', 'massKg'],
  value: { value, source: 'measured', ...(on !== undefined && { on }) },
})

let na: Running
beforeEach(async () => {
  na = await start({ demo: true })
})
afterEach(() => na.end())

const importCase = async (c: object, child = 'known'): Promise<FittingView> =>
  (await na.post(`/api/fittings/import?child=${child}`, c).expect(201)).body as FittingView
const enter = (id: string, baseSequence: number, puts: readonly Put[], over: object = {}) =>
  na.post(`/api/fittings/${id}/entries`, { baseSequence, who: 'Jory', puts, ...over })
const childOf = async (id: string): Promise<Case['child']> => {
  const { children } = (await na.get('/api/catalogue')).body as { children: Case['child'][] }
  return children.find((c) => c.id === id)!
}

describe('a store that is full', () => {
  const writer = (db: Database) => rawOf((db as unknown as { writer: Parameters<typeof rawOf>[0] }).writer)

  test('says so, keeps nothing of it, still reads, and stores again when there is room', async () => {
    const db = na.app.get(Database)
    const raw = writer(db)
    const [{ page_count: pages }] = raw.pragma('page_count') as [{ page_count: number }]
    raw.pragma(`max_page_count=${pages}`)
    const note = { path: ['child', 'note'], value: 'x'.repeat(500) }
    const tried = []
    for (let i = 0; i < 30; i += 1) {
      const answer = await na.post('/api/fittings/import?child=known', { ...example, child: { ...example.child, note: note.value } })
      tried.push(answer)
      // Its own connection is opened anew after a failure; here the disk stays as full as it was.
      if (answer.status !== 201) break
    } // prettier-ignore
    const refused = tried.at(-1)!
    expect(refused.status).toBe(507)
    expect(refused.body).toEqual({
      statusCode: 507,
      message: 'The disk is full: nothing of this was saved. Make room on it; what was saved before can still be read.',
    })
    const stored = (await na.get('/api/fittings').expect(200)).body as FittingView[]
    expect(stored).toHaveLength(tried.filter((t) => t.status === 201).length)
    await importCase(example)
    expect((await na.get('/api/fittings')).body).toHaveLength(stored.length + 1)
  })

  test('whoever shared the commit that failed is told; later writes are really stored', async () => {
    const dir = folder()
    const db = await Database.open(dir)
    const raw = writer(db)
    const exec = raw.exec.bind(raw)
    let commits = 0
    jest.spyOn(raw, 'exec').mockImplementation((sql) => {
      if (sql !== 'COMMIT' || ++commits === 1) return exec(sql)
      // What SQLite does on a full disk: it takes the transaction back by itself.
      exec('ROLLBACK')
      throw Object.assign(new Error('database or disk is full'), { code: 'SQLITE_FULL' })
    })
    // While the first is stored the others wait, and then share a commit.
    const together = await Promise.allSettled(['first', 'a', 'b'].map((id) => db.write((m) => m.insert(VehicleRow, { id, body: {} })))) // prettier-ignore
    expect(together.map((o) => o.status)).toEqual(['fulfilled', 'rejected', 'rejected'])
    expect((await db.read.find(VehicleRow)).map((v) => v.id)).toEqual(['first'])
    await db.write((m) => m.insert(VehicleRow, { id: 'c', body: {} }))
    expect((await db.read.find(VehicleRow)).map((v) => v.id)).toEqual(['first', 'c'])
    await db.onModuleDestroy()
    rmSync(dir, { recursive: true })
  })

  test('a transaction that ends under its work stores nothing of it', async () => {
    const dir = folder()
    const db = await Database.open(dir)
    const lost = db.write(async (m) => {
      await m.insert(VehicleRow, { id: 'a', body: {} })
      writer(db).exec('ROLLBACK')
      await m.insert(VehicleRow, { id: 'b', body: {} })
    })
    await expect(lost).rejects.toMatchObject({ status: 503 })
    await db.write((m) => m.insert(VehicleRow, { id: 'c', body: {} }))
    expect((await db.read.find(VehicleRow)).map((v) => v.id)).toContain('c')
    await db.onModuleDestroy()
    rmSync(dir, { recursive: true })
  })

  test('a log that cannot be moved into the file stops nobody', async () => {
    const dir = folder()
    const db = await Database.open(dir)
    jest.spyOn(writer(db), 'pragma').mockImplementation(() => {
      throw Object.assign(new Error('disk I/O error'), { code: 'SQLITE_IOERR' })
    })
    await db.write((m) => m.insert(VehicleRow, { id: 'a', body: {} }))
    ;(db as unknown as { checkpoint(): void }).checkpoint()
    await db.write((m) => m.insert(VehicleRow, { id: 'b', body: {} }))
    expect(await db.read.count(VehicleRow)).toBe(2)
    await db.onModuleDestroy()
    rmSync(dir, { recursive: true })
  })

  const disk = folder()
  const isMounted = ((): boolean => {
    try {
      execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=3m', 'tmpfs', disk], { stdio: 'ignore' })
      return true
    } catch {
      return false
    }
  })()
  afterAll(() => {
    if (isMounted) execFileSync('umount', [disk])
    rmSync(disk, { recursive: true, force: true })
  })
  // Where no small disk can be mounted, the two tests before stand for it.
  const onSmallDisk = isMounted ? test : test.skip
  onSmallDisk(
    'on a disk of 3 MB: every acknowledged import is there, and no other',
    async () => {
      const small = await start({ dataDir: join(disk, 'data') })
      const answers: number[] = []
      const ids: string[] = []
      for (let i = 0; i < 400 && answers.filter((s) => s !== 201).length < 8; i += 1) {
        const c = withEverythingGood(buildCase())
        const { status, body } = await small.post('/api/fittings/import', { ...c, child: { ...c.child, note: `${i} `.repeat(300) } }) // prettier-ignore
        answers.push(status)
        if (status === 201) ids.push((body as FittingView).id)
      }
      expect(new Set(answers)).toEqual(new Set([201, 507]))
      for (const id of ids) await small.get(`/api/fittings/${id}`).expect(200)
      const again = await small.restart()
      for (const id of ids) await again.get(`/api/fittings/${id}`).expect(200)
      const db = again.app.get(Database)
      const [{ n }] = (await db.read.query(`SELECT count(*) AS n FROM "fitting"`)) as [{ n: number }]
      expect(n).toBe(ids.length)
      await again.app.close()
    },
    120_000,
  )
})

describe('two people, one fitting', () => {
  const good = withEverythingGood(buildCase())
  const look = (id: string): Put => ({ path: ['readings', id], value: { option: good.readings[id as 'tug-left']!.option } }) // prettier-ignore
  const begin = async (): Promise<FittingView> => importCase(good)

  test.each([
    ['a look from before the base was moved', [{ path: ['disturbances', 'base'], value: {} }], [look('tug-left')], 409],
    ['a look that the move does not touch', [{ path: ['disturbances', 'clothes'], value: {} }], [look('tug-left')], 200],
    ['a look from before another restraint was chosen', [{ path: ['choice'], value: { ...good.choice, at: undefined } }], [look('tug-left')], 409],
    ['a setting for the mode that is no longer chosen', [{ path: ['choice'], value: { ...good.choice, at: undefined } }], [{ path: ['settings', 'recline'], value: { value: 'r1' } }], 409],
    ['a place of a car that was changed as a whole', [{ path: ['vehicle'], value: good.vehicle }], [{ path: ['vehicle', 'rear-left', 'headRestraint'], value: 'fixed' }], 409],
    ['a whole car, of which a place was changed', [{ path: ['vehicle', 'rear-left', 'headRestraint'], value: 'fixed' }], [{ path: ['vehicle'], value: good.vehicle }], 409],
    ['the same field', [mass(10)], [mass(11)], 409],
    ['another field', [mass(10)], [{ path: ['child', 'note'], value: 'sings' }], 200],
  ] as const)('%s', async (_what, theirs, mine, status) => {
    const f = await begin()
    const clean = (puts: readonly object[]) => JSON.parse(JSON.stringify(puts)) as Put[]
    await enter(f.id, f.sequence, clean(theirs), { who: 'Maren' }).expect(200)
    const answer = await enter(f.id, f.sequence, clean(mine)).expect(status)
    if (status === 409) {
      expect(answer.body.current.sequence).toBe(f.sequence + 1)
      expect(answer.body.message).toMatch(/Maren/)
      // Seen, it may be entered on top.
      await enter(f.id, f.sequence + 1, clean(mine)).expect(200)
    }
  }) // prettier-ignore

  test('a look refused as old is never ready and signed behind a success', async () => {
    const f = await begin()
    await enter(f.id, f.sequence, [{ path: ['disturbances', 'base'], value: {} }], { who: 'Maren' }).expect(200)
    const { body } = await enter(f.id, f.sequence, ['tug-left', 'tug-right'].map(look)).expect(409)
    expect(body.message).toContain('check again')
    const now = (await na.get(`/api/fittings/${f.id}`)).body as FittingView
    await na.post(`/api/fittings/${f.id}/sign`, { baseSequence: now.sequence, who: 'Jory', carerName: 'M' }).expect(409)
  })

  test('entries that waited behind one another on one device do not stand against each other', async () => {
    const f = await begin()
    const [a, b] = ['11111111-1111-4111-8111-111111111111', '22222222-2222-4222-8222-222222222222']
    await enter(f.id, f.sequence, [{ path: ['child', 'note'], value: 'theirs' }], { who: 'Maren' }).expect(200)
    await enter(f.id, f.sequence, [{ path: ['disturbances', 'base'], value: {} }], { id: a }).expect(200)
    await enter(f.id, f.sequence, [look('tug-left')], { id: b, own: [a] }).expect(200)
    // The same, without saying that the move was its own.
    await enter(f.id, f.sequence, [look('tug-right')]).expect(409)
  })

  test('an entry sent again after a lost answer is stored once, whatever came after it', async () => {
    const f = await begin()
    const id = '33333333-3333-4333-8333-333333333333'
    await enter(f.id, f.sequence, [mass(11)], { id }).expect(200)
    await enter(f.id, f.sequence + 1, [mass(12)], { who: 'Maren' }).expect(200)
    const { body } = await enter(f.id, f.sequence, [mass(11)], { id }).expect(200)
    expect(body).toMatchObject({ sequence: f.sequence + 2, case: { child: { massKg: { value: 12 } } } })
  })
})

describe('the child’s record', () => {
  const open = async () => (await na.post('/api/fittings', { childId: 'tamsin-hale' })).body as FittingView

  test('a note in a fitting opened before does not undo a mass set in another', async () => {
    const [a, b] = [await open(), await open()]
    await enter(a.id, 0, [mass(12.2)]).expect(200)
    await enter(b.id, 0, [{ path: ['child', 'note'], value: 'sings' }]).expect(200)
    expect(await childOf('tamsin-hale')).toMatchObject({ massKg: { value: 12.2, on: TODAY }, note: 'sings' })
  })
  test('a corrected day of birth is not undone by another fitting, nor by undoing in it', async () => {
    const [a, b] = [await open(), await open()]
    await enter(a.id, 0, [{ path: ['child', 'dateOfBirth'], value: '2025-06-02' }]).expect(200)
    await enter(b.id, 0, [mass(10.5)]).expect(200)
    expect((await childOf('tamsin-hale')).dateOfBirth).toBe('2025-06-02')
    await enter(b.id, 1, [{ path: ['child', 'dateOfBirth'], value: '2025-06-03' }]).expect(200)
    await enter(a.id, 1, [{ path: ['child', 'dateOfBirth'], value: '2025-06-04' }]).expect(200)
    // Taken back is only what stands there by this very fitting.
    await na.post(`/api/fittings/${b.id}/undo`, { baseSequence: 2, who: 'Jory' }).expect(200)
    expect((await childOf('tamsin-hale')).dateOfBirth).toBe('2025-06-04')
  })
  test('the newest measurement stands, by its day', async () => {
    const [a, b] = [await open(), await open()]
    await enter(a.id, 0, [mass(12.2, '2026-11-20')]).expect(200)
    await enter(b.id, 0, [mass(11.1, '2026-10-01')]).expect(200)
    expect((await childOf('tamsin-hale')).massKg).toMatchObject({ value: 12.2 })
    await enter(b.id, 1, [mass(12.4, '2026-11-20')]).expect(200)
    expect((await childOf('tamsin-hale')).massKg).toMatchObject({ value: 12.4 })
  })
  test('an entry taken back gives the record back what stood before', async () => {
    const before = await childOf('tamsin-hale')
    const a = await open()
    await enter(a.id, 0, [mass(12.2)]).expect(200)
    await na.post(`/api/fittings/${a.id}/undo`, { baseSequence: 1, who: 'Jory' }).expect(200)
    expect((await childOf('tamsin-hale')).massKg).toEqual(before.massKg)
  })
  test('a file about a child of the same id and another name asks, and changes nobody', async () => {
    const before = await childOf('tamsin-hale')
    const stranger = { ...example, child: { ...example.child, name: 'Wenna', dateOfBirth: '2024-01-01' } }
    const { body } = await na.post('/api/fittings/import', stranger).expect(409)
    expect(body).toMatchObject({ asks: 'child', message: expect.stringContaining('Tamsin Hale') })
    expect((await na.get('/api/fittings')).body).toEqual([])
    const other = await importCase(stranger, 'new')
    expect(other.case.child).toMatchObject({ id: 'tamsin-hale-2', name: 'Wenna' })
    const same = await importCase(stranger, 'known')
    await enter(same.id, same.sequence, [mass(13)]).expect(200)
    expect(await childOf('tamsin-hale')).toEqual({ ...before, massKg: expect.objectContaining({ value: 13 }) })
    await na.post('/api/fittings/import?child=both', stranger).expect(400)
  })
  test('a list of children lays nobody over another, and no older measure over a newer', async () => {
    const known = await childOf('tamsin-hale')
    const bring = (child: object, preview = '') =>
      na.post(`/api/catalogue/import${preview}`, { format: 'nimble-anchor/catalogue', version: 2, children: [child] })
    const { body } = await bring({ ...known, name: 'Wenna' }).expect(400)
    expect(body.faults[0].message).toContain('belongs to Tamsin')
    await bring({ ...known, massKg: { value: 3, source: 'measured', on: '2020-01-01' }, note: 'new' }).expect(200)
    expect(await childOf('tamsin-hale')).toEqual({ ...known, note: 'new' })
  })
})

describe('facts of a unit', () => {
  const CATALOGUE = { format: 'nimble-anchor/catalogue', version: 2 }
  const unitOf = async (id: string) =>
    (await na.app.get(Database).read.findOneByOrFail(UnitRow, { id })).body as Record<string, unknown>
  const bring = async (unit: object, query = ''): Promise<ImportRow> =>
    ((await na.post(`/api/catalogue/import${query}`, { ...CATALOGUE, units: [unit] }).expect(200)).body as ImportRow[])[0]! // prettier-ignore

  test('a crash set by a job is not undone by an older list; who says so, may', async () => {
    const old = await unitOf('u-sheepshank-1')
    await na.post('/api/jobs', { unitId: 'u-sheepshank-1', kind: 'after-crash', who: 'Jory' }).expect(201)
    const row = await bring({ ...old, note: 'counted' }, '?preview=true')
    expect(row).toMatchObject({ state: 'changed', kept: ['wasInCrash'] })
    expect(await bring({ ...old, note: 'counted' })).toEqual(row)
    expect(await unitOf('u-sheepshank-1')).toMatchObject({ wasInCrash: true, note: 'counted' })
    expect(await bring(old, '?overrule=u-sheepshank-1')).not.toHaveProperty('kept')
    expect(await unitOf('u-sheepshank-1')).toMatchObject({ wasInCrash: false, awaitsCheck: { job: 'after-crash' } })
  })
  test.each([
    ['wasInCrash', true, false],
    ['isRecalled', true, undefined],
    ['isHistoryKnown', false, true],
    ['isComplete', false, undefined],
    ['harness', 'stowed', 'in'],
    ['direction', 'forward', undefined],
  ] as const)('%s %s stays where a file says %s', async (field, here, brought) => {
    const unit = await unitOf('u-rolling-1')
    await bring({ ...unit, [field]: here }, '?overrule=u-rolling-1')
    expect(await bring(JSON.parse(JSON.stringify({ ...unit, [field]: brought })) as object)).toMatchObject({ state: 'same', kept: [field] }) // prettier-ignore
    expect((await unitOf('u-rolling-1'))[field]).toBe(here)
  })
  test.each([
    ['wasInCrash', true],
    ['isRecalled', true],
    ['isHistoryKnown', false],
    ['isComplete', false],
  ] as const)('%s %s, which a file knows and the shelf does not, is taken', async (field, brought) => {
    const unit = await unitOf('u-rolling-1')
    expect(await bring({ ...unit, [field]: brought })).toMatchObject({ state: 'changed' })
    expect((await unitOf('u-rolling-1'))[field]).toBe(brought)
  })
})

test('how a unit stands, looked at in the fitting and never told to the shelf, does not bar its signature', async () => {
  const { version: _v, ...model } = { version: 2, ...example.restraints[0]! }
  // The same restraint without turning: the way it stands is then a fact of its unit.
  const modes = model.modes.map(({ turns: _turns, ...m }) => ({ ...m, without: [...(m.without ?? []), 'turns' as const] })) // prettier-ignore
  const { mode, ...rest } = { mode: modes.find((m) => m.id === example.choice.modeId)!, ...example }
  const units = rest.units!.map((u) => ({ ...u, direction: mode.direction }))
  const { 'turn-lock': _lock, ...readings } = rest.readings
  const f = await importCase({ ...rest, today: TODAY, restraints: [{ ...model, modes }], units, readings })
  const sign = () => na.post(`/api/fittings/${f.id}/sign`, { baseSequence: f.sequence, who: 'Jory', carerName: 'Maren' }) // prettier-ignore
  await na.app
    .get(Database)
    .write((m) =>
      m.update(UnitRow, { id: units[0]!.id }, { body: { ...rest.units![0]!, direction: 'forward' } as object }),
    )
  expect((await sign().expect(409)).body.message).toContain('The shelf says otherwise')
  await na.app.get(Database).write((m) => m.update(UnitRow, { id: units[0]!.id }, { body: rest.units![0]! as object }))
  await sign().expect(200)
})

describe('erased', () => {
  test('no word of the family is left: file, log, search, visits; others keep theirs', async () => {
    const f = await importCase({ ...example, child: { ...example.child, id: 'x', name: 'Quillonwy', familyName: 'Brackenthwaite', note: 'wheezes Gorsefinch' } }, 'new') // prettier-ignore
    for (let i = 0; i < 40; i += 1)
      await enter(f.id, f.sequence + i, [{ path: ['child', 'note'], value: `Gorsefinch ${i} ${'y'.repeat(300)}` }]).expect(200) // prettier-ignore
    const visit = { day: TODAY, time: '10:00', note: '', isWalkIn: false, state: 'expected', childId: null, vehicleId: null, fittingId: null } // prettier-ignore
    await na.post('/api/visits', { ...visit, who: 'Mrs Brackenthwaite, blue car' }).expect(201)
    await na.post('/api/visits', { ...visit, time: '10:10', who: 'for Quillonwy' }).expect(201)
    await na.post('/api/visits', { ...visit, time: '10:20', who: 'x', fittingId: f.id, note: 'Gorsefinch' }).expect(201)
    await na.post('/api/visits', { ...visit, time: '10:30', who: 'Hale' }).expect(201)
    const families = (await na.get('/api/families')).body as { id: string; name: string }[]
    const { id } = families.find((x) => x.name === 'Brackenthwaite')!
    await na.delete(`/api/families/${id}`).send({ name: 'Brackenthwaite' }).expect(200)
    for (const name of readdirSync(na.dataDir)) {
      const bytes = readFileSync(join(na.dataDir, name)).toString('latin1').toLowerCase()
      for (const word of ['quillonwy', 'brackenthwaite', 'gorsefinch'])
        expect([name, word, bytes.includes(word)]).toEqual([name, word, false])
    }
    // By its id alone other devices learn of it; of one that was never here they learn nothing.
    const never = '44444444-4444-4444-8444-444444444444'
    expect((await na.post('/api/fittings/erased', { ids: [f.id, never] }).expect(200)).body).toEqual([f.id])
    await na.post('/api/fittings/erased', { ids: ['x'] }).expect(400)
    const { visits } = (await na.get('/api/day')).body as { visits: { who: string }[] }
    expect(visits.map((v) => v.who)).toEqual(['erased', 'erased', 'Hale'])
  })
  test('answers are not kept by the browser', async () => {
    for (const path of ['/api/fittings', '/api/families', '/api/day', '/api/catalogue', '/api/nowhere'])
      expect((await na.get(path)).headers['cache-control']).toBe('no-store')
  })
})

describe('signed elsewhere', () => {
  const handover = { fitterName: 'Somebody', carerName: 'Else', signedAt: `${TODAY}T10:00:00Z` }
  test('a case file that says it is signed comes in closed, marked, and judged anew', async () => {
    const bad = withEverythingGood(buildCase())
    const c = { ...bad, readings: { ...bad.readings, 'tug-left': { option: 'gave', at: 1 } }, handover }
    const f = await importCase(c)
    expect(f).toMatchObject({ status: 'signed', elsewhere: true })
    const [row] = (await na.get('/api/fittings')).body as [{ verdict: string; elsewhere: boolean }]
    expect(row.elsewhere).toBe(true)
    expect(row.verdict).not.toBe('ready')
    await enter(f.id, f.sequence, [mass(10)]).expect(409)
    expect((await na.get(`/api/fittings/${f.id}/case`)).body).toEqual(c)
    expect((await na.get('/api/logbook')).body.rows[0]).toMatchObject({ elsewhere: true })
  })
  test('one that was signed here is not', async () => {
    const f = await importCase(withEverythingGood(buildCase()))
    const signed = await na.post(`/api/fittings/${f.id}/sign`, { baseSequence: f.sequence, who: 'Jory', carerName: 'Maren' }).expect(200) // prettier-ignore
    expect(signed.body).toMatchObject({ status: 'signed', elsewhere: false })
  })
})

describe('opens what it wrote', () => {
  const FIXTURES = join(__dirname, 'databases')
  const open = (name: string): string => {
    const dir = folder()
    writeFileSync(join(dir, 'nimble-anchor.sqlite'), gunzipSync(readFileSync(join(FIXTURES, name))))
    return dir
  }
  test.each(readdirSync(FIXTURES).filter((f) => f.endsWith('.sqlite.gz')))('a database of %s', async (name) => {
    const later = await start({ dataDir: open(name) })
    const rows = (await later.get('/api/fittings').expect(200)).body as { id: string; childName: string }[]
    expect(rows.map((r) => r.childName)).toEqual(['Tamsin Hale', 'Tamsin Hale'])
    for (const { id } of rows) {
      expect((await later.get(`/api/fittings/${id}`).expect(200)).body.case.version).toBe(3)
      await later.get(`/api/fittings/${id}/history`).expect(200)
    }
    expect((await later.get('/api/logbook?q=tamsin')).body.total).toBe(2)
    const f = rows.map((r) => r.id)
    const views = await Promise.all(f.map(async (id) => (await later.get(`/api/fittings/${id}`)).body as FittingView))
    const openOne = views.find((v) => v.status === 'open')!
    await later
      .post(`/api/fittings/${openOne.id}/entries`, { baseSequence: openOne.sequence, who: 'Jory', puts: [mass(11)] })
      .expect(200)
    await later.end()
  })
  test('a shipped migration is never changed', () => {
    const folderOf = join(__dirname, '../src/storage/migrations')
    const hashes = Object.fromEntries(
      readdirSync(folderOf)
        .filter((f) => f !== 'index.ts')
        .map((f) => {
          // From where it takes what it calls is no part of what it does.
          const text = readFileSync(join(folderOf, f), 'utf8').replace(/^import [^;]*? from '[^']+'\n/gm, '')
          return [f, createHash('sha256').update(text).digest('hex').slice(0, 16)]
        }),
    )
    // A new one is added here; a line that is here already stays as it is.
    expect(hashes).toEqual(
      JSON.parse(readFileSync(join(FIXTURES, 'migration-hashes.json'), 'utf8')) as Record<string, string>,
    )
  })
  test('one of a newer program is refused and not touched', async () => {
    const dir = folder()
    await (await Database.open(dir)).onModuleDestroy()
    const file = join(dir, 'nimble-anchor.sqlite')
    const db = new SQLite(file)
    db.exec(`INSERT INTO "migrations" ("timestamp", "name") VALUES (1999999999999, 'Later1999999999999')`)
    db.pragma('wal_checkpoint(TRUNCATE)')
    db.close()
    const before = readFileSync(file)
    await expect(Database.open(dir)).rejects.toThrow('written by a newer Nimble Anchor (Later1999999999999)')
    expect(readFileSync(file).equals(before)).toBe(true)
    // And it is not held either.
    await expect(Database.open(dir)).rejects.toThrow('newer')
    rmSync(dir, { recursive: true })
  })
  test('one server a folder; let go when it ends', async () => {
    const dir = folder()
    const first = await Database.open(dir)
    await expect(Database.open(dir)).rejects.toThrow('Another Nimble Anchor already uses the data')
    await first.write((m) => m.insert(VehicleRow, { id: 'v', body: {} }))
    await first.onModuleDestroy()
    const second = await Database.open(dir)
    expect(await second.read.count(VehicleRow)).toBe(1)
    await second.onModuleDestroy()
    rmSync(dir, { recursive: true })
  })
  test('files are for their owner only', async () => {
    await importCase(example)
    for (const name of readdirSync(na.dataDir))
      expect([name, statSync(join(na.dataDir, name)).mode & 0o077]).toEqual([name, 0])
    expect(existsSync(join(na.dataDir, 'nimble-anchor.sqlite-wal'))).toBe(true)
  })
  test('the order of entry counts everything that has a place in it, steps too', () => {
    const c = withEverythingGood(buildCase())
    const done = applyPuts(c, [{ path: ['stepsDone', 'leg-down'], value: {} }], Sequence(41))
    if (!done.ok) throw new Error(JSON.stringify(done.error))
    expect(highestSequence(done.value.case)).toBe(41)
    const places = (x: unknown): number[] =>
      typeof x !== 'object' || x === null
        ? []
        : Object.entries(x).flatMap(([k, v]) => (k === 'at' && typeof v === 'number' ? [v] : places(v)))
    expect(highestSequence(c)).toBe(Math.max(...places(c)))
  })
})

describe('the short answer to an entry', () => {
  const shortly = (id: string, baseSequence: number, puts: readonly Put[], over: object = {}) =>
    enter(id, baseSequence, puts, over).set('Prefer', 'respond-async, return=minimal')

  test('tells what was stored since, with what followed; laid over what was seen it is what stands', async () => {
    const { id, sequence, case: seen } = await importCase(example)
    // Another's entry first: another day of birth, which asks whether it is the same child.
    await enter(id, sequence, [{ path: ['child', 'dateOfBirth'], value: '2025-06-01' }]).expect(200)
    const mine = randomUUID()
    const { body, headers } = await shortly(id, sequence, [mass(11.2)], { id: mine }).expect(200)
    expect(headers['preference-applied']).toBe('return=minimal')
    const stored = body as Stored
    expect(stored).toEqual({
      id,
      status: 'open',
      sequence: sequence + 2,
      updatedAt: expect.any(String) as string,
      entries: [
        { sequence: sequence + 1, id: null, changes: expect.any(Array) as unknown[] },
        { sequence: sequence + 2, id: mine, changes: expect.any(Array) as unknown[] },
      ],
    })
    const view = (await na.get(`/api/fittings/${id}`)).body as FittingView
    expect(stored.entries.map((e) => e.changes).reduce<Case>(withChanges, seen)).toEqual(view.case)
    expect(view.case.identity).toBeDefined()
    expect(view.updatedAt).toBe(stored.updatedAt)
    // Sent again after a lost answer: the same, and nothing twice.
    expect((await shortly(id, sequence, [mass(11.2)], { id: mine }).expect(200)).body).toEqual(stored)
  })
  test('of a long history only the newest entries come; without the wish the whole fitting does', async () => {
    const { id, sequence } = await importCase(example)
    for (let i = 0; i < 101; i += 1) await shortly(id, sequence + i, [mass(10 + i / 100)]).expect(200)
    const { body } = await shortly(id, sequence, [{ path: ['child', 'note'], value: 'sings' }]).expect(200)
    const numbers = (body as Stored).entries.map((e) => e.sequence)
    expect([numbers.length, numbers[0], numbers.at(-1)]).toEqual([100, sequence + 3, sequence + 102])
    const whole = await enter(id, sequence + 102, [mass(12)]).expect(200)
    expect(whole.headers['preference-applied']).toBeUndefined()
    expect((whole.body as FittingView).case.child.massKg?.value).toBe(12)
  })
  test('a refusal is as long as ever: it shows what stands', async () => {
    const { id, sequence } = await importCase(example)
    await enter(id, sequence, [mass(11)]).expect(200)
    const { body } = await shortly(id, sequence, [mass(12)]).expect(409)
    expect((body as { current: FittingView }).current.case.child.massKg?.value).toBe(11)
  })
})
