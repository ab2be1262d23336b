import { IsoDate } from '@nimble-anchor/core/ground'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Case } from '@nimble-anchor/core/casefile'
import type {
  DayView,
  FamilyView,
  FittingSummary,
  FittingView,
  JobView,
  LogbookCharts,
  LogbookPage,
} from '@nimble-anchor/core/formats'
import type { RestraintUnit } from '@nimble-anchor/core/restraint'
import { DataSource } from 'typeorm'
import { Database } from '../src/storage/database'
import { MIGRATIONS } from '../src/storage/migrations/index'
import { matchText } from '../src/records/words'
import { stageOfEntry } from '../src/projections/stage-times'
import { start, TODAY, type Running } from './harness'

const example = JSON.parse(readFileSync(join(__dirname, '../../docs/formats/example.case.json'), 'utf8')) as Case
const handover = { fitterName: 'Jory Quill', carerName: 'Maren Hale', signedAt: `${TODAY}T10:00:00Z` }

let na: Running
beforeEach(async () => {
  na = await start({ demo: true })
})
afterEach(() => na.end())
const body = async <T>(asked: PromiseLike<{ body: unknown; status: number }>): Promise<T> => (await asked).body as T
/** The example as it would have been on another day: its measures are as old as it is. */
const exampleOn = (today: string): Case => ({
  ...example,
  today: IsoDate(today),
  child: Object.fromEntries(
    Object.entries(example.child).map(([k, v]) => [k, typeof v === 'object' && 'on' in v ? { ...v, on: today } : v]),
  ) as Case['child'],
})
/** The demo's day moves its children's days of birth with it: the example says that it is the same child. */
const importCase = (c: object, child = 'known'): Promise<FittingView> =>
  body(na.post(`/api/fittings/import?child=${child}`, c))
const enter = (f: FittingView, puts: object[], who = 'Jory'): Promise<FittingView> =>
  body(na.post(`/api/fittings/${f.id}/entries`, { baseSequence: f.sequence, who, puts }))
const reading = (id: string, value: object) => ({ path: ['readings', id], value })
const logbook = (query = ''): Promise<LogbookPage> => body(na.get(`/api/logbook${query}`))

describe('logbook', () => {
  test('found by any word of it, also only begun and without its accents; what is typed is never syntax', async () => {
    await importCase({ ...example, child: { ...example.child, name: 'Zoë' } }, 'new')
    await body(na.post('/api/fittings', { childId: 'perrin-hale', vehicleId: 'corran-knot' }))
    for (const [q, names] of [
      ['zoe', ['Zoë Hale']],
      ['zo dunl', ['Zoë Hale']],
      ['hale', ['Perrin Hale', 'Zoë Hale']],
      ['knot', ['Perrin Hale']],
      ['nobody', []],
      ['"hale* OR NEAR(', []],
      ['   ', ['Perrin Hale', 'Zoë Hale']],
    ] as const) {
      const { rows, total } = await logbook(`?q=${encodeURIComponent(q)}`)
      expect([q, rows.map((r) => r.childName)]).toEqual([q, names])
      expect(total).toBe(names.length)
    }
  })
  test('a changed name is found, the old one no more', async () => {
    const f = await body<FittingView>(na.post('/api/fittings', { childId: 'perrin-hale' }))
    await enter(f, [{ path: ['child', 'name'], value: 'Perran' }])
    expect((await logbook('?q=perran')).total).toBe(1)
    expect((await logbook('?q=perrin')).total).toBe(0)
  })
  test('filters', async () => {
    await importCase(example)
    await importCase({ ...example, handover })
    const wanted = [
      ['', 2],
      ['?status=signed', 1],
      ['?verdict=ready', 2],
      ['?route=isofix-leg', 2],
      ['?route=belt', 0],
      [`?from=${TODAY}&to=${TODAY}`, 2],
      ['?to=2026-11-24', 0],
      ['?withFaults=true', 0],
      ['?vehicleId=corran-dunlin&modelId=ravel-sheepshank', 2],
      [`?unitId=${example.choice.unitId}`, 2],
      [`?unitId=${example.choice.unitId}&status=signed`, 1],
      ['?unitId=another', 0],
    ] as const
    for (const [query, total] of wanted) expect([query, (await logbook(query)).total]).toEqual([query, total])
  })
  test('words alone find the same, page by page, as words with a filter that all pass', async () => {
    for (let i = 0; i < 7; i += 1) await importCase(example)
    for (const words of ['hale', 'tamsin+hal', 'h', 'nobody'])
      for (const part of ['', '&limit=3', '&limit=3&offset=3', '&limit=3&offset=6', '&offset=50']) {
        const alone = await logbook(`?q=${words}${part}`)
        expect(alone).toEqual(await logbook(`?q=${words}&from=2020-01-01${part}`))
        expect(alone.total).toBe(words === 'nobody' ? 0 : 7)
      }
    const numbers = (await logbook('?q=hale&limit=3')).rows.map((r) => r.number)
    expect(numbers).toEqual(numbers.toSorted((a, b) => b - a))
  })
  test('a recall after the hand-over finds who was handed the unit, also as the base', async () => {
    const { choice } = example
    const units = example.units!
    const base = { ...units[0]!, id: 'base-7', serial: 'BA-7', isRecalled: true }
    await importCase({ ...example, units: [...units, base], choice: { ...choice, baseUnitId: 'base-7' } })
    expect((await logbook('?unitId=base-7')).rows.map((r) => r.childName)).toEqual(['Tamsin Hale'])
  })
  test('a filter that is none is refused by name', async () => {
    const wrong = [
      ['?status=closed', '$.status'],
      ['?route=tow', '$.route'],
      ['?from=yesterday', '$.from'],
      ['?limit=201', '$.limit'],
      ['?offset=-1', '$.offset'],
      ['?colour=red', '$.colour'],
    ] as const
    for (const [query, path] of wrong) {
      const { faults } = (await na.get(`/api/logbook${query}`).expect(400)).body as { faults: { path: string }[] }
      expect([query, faults.map((f) => f.path)]).toEqual([query, expect.arrayContaining([path])])
    }
  })

  test('what failed on the way is counted by rule, route and restraint; a slip that was undone too is not counted twice', async () => {
    let f = await importCase(example)
    f = await enter(f, [reading('latch-left', { option: 'open' })])
    f = await enter(f, [reading('latch-left', { option: 'latched', before: 'open' })])
    await enter(f, [reading('latch-left', { option: 'open' })])
    await importCase(example)
    const charts = await body<LogbookCharts>(na.get('/api/logbook/charts'))
    expect(charts.failing).toEqual([{ key: 'latch-indicators', count: 1, of: 2 }])
    expect(charts.byRoute).toEqual([{ key: 'isofix-leg', count: 1, of: 2 }])
    expect(charts.byRestraint).toEqual([{ key: 'Ravel Sheepshank', count: 1, of: 2 }])
    expect(charts.oftenestByRoute).toEqual([{ key: 'isofix-leg', ruleId: 'latch-indicators', count: 1, of: 2 }])
    expect(charts.oftenestByRestraint).toEqual([
      { key: 'Ravel Sheepshank', ruleId: 'latch-indicators', count: 1, of: 2 },
    ])
    // The week of 25 November 2026 begins on Monday the 23rd.
    expect(charts.weeks).toEqual([{ week: '2026-11-23', fittings: 2, withFault: 1 }])
    expect(charts.onArrival).toEqual({ fittings: 0, withFault: 0, faults: [] })
    const { rows } = await logbook('?withFaults=true')
    expect(rows.map((r) => r.faults)).toEqual([['latch-indicators']])
  })
  test('checks that failed are found by their words, alone and with a name; by the check itself too', async () => {
    let f = await importCase(example)
    f = await enter(f, [reading('latch-left', { option: 'open' })])
    await importCase(example)
    const found = async (query: string) => (await logbook(query)).rows.map((r) => r.id)
    for (const query of [
      '?q=indicator',
      '?q=INDICATORS',
      '?q=hale%20indicator',
      '?fault=latch-indicators',
      '?q=latch&fault=latch-indicators',
    ])
      // prettier-ignore
      expect([query, await found(query)]).toEqual([query, [f.id]])
    for (const query of ['?q=indicator%20strand', '?q=tether', '?fault=harness-slack', '?q=in&fault=harness-slack'])
      expect([query, await found(query)]).toEqual([query, []])
    // What is no word of a check stays what it was: two letters begin half the book.
    expect((await found('?q=hale')).length).toBe(2)
  })
  test('the table has the columns that were asked for, in their order; one that there is not is refused', async () => {
    await importCase(example)
    const { text } = await na.get('/api/logbook.csv?columns=childName,verdict').expect(200)
    expect(text).toBe('childName,verdict\nTamsin Hale,ready\n')
    const { faults } = (await na.get('/api/logbook.csv?columns=childName,secrets').expect(400)).body as { faults: { path: string }[] } // prettier-ignore
    expect(faults.map((x) => x.path)).toEqual(['$.columns'])
  })
  test('a fault noted under a rule that was renamed counts for the rule that stands for it', async () => {
    const { id } = await importCase(example)
    const other = await importCase(example)
    const db = na.app.get(Database)
    const fault = `INSERT INTO "fitting_fault" VALUES (?, ?, '${TODAY}T10:00:00.000Z', 0)`
    await db.write(async (manager) => {
      for (const rule of ['base-gap', 'gaps']) await manager.query(fault, [id, rule])
      await manager.query(fault, [other.id, 'base-gap'])
    })
    const charts = await body<LogbookCharts>(na.get('/api/logbook/charts'))
    expect(charts.failing).toEqual([{ key: 'gaps', count: 2, of: 2 }])
    const { rows } = await logbook('?withFaults=true')
    expect(rows.map((r) => r.faults)).toEqual([['gaps'], ['gaps']])
  })
  test('a slip that is undone was no fault', async () => {
    let f = await importCase(example)
    f = await enter(f, [reading('latch-left', { option: 'open' })])
    expect((await logbook('?withFaults=true')).total).toBe(1)
    await na.post(`/api/fittings/${f.id}/undo`, { baseSequence: f.sequence, who: 'Jory' }).expect(200)
    expect((await logbook('?withFaults=true')).total).toBe(0)
  })
  test('what was wrong on arrival is the first look at a fitting that came already installed', async () => {
    const begin = (arrivedInstalled: boolean): Promise<FittingView> =>
      body(na.post('/api/fittings', { childId: 'tamsin-hale', vehicleId: 'corran-dunlin', arrivedInstalled }))
    const { restraints, units, choice, settings } = example
    for (const came of [true, true, false]) {
      let f = await begin(came)
      const { at: _at, ...chosen } = choice
      f = await enter(f, [
        { path: ['restraints'], value: restraints },
        { path: ['units'], value: units },
        { path: ['choice'], value: chosen },
        { path: ['settings', 'recline'], value: { value: settings.recline?.value } },
      ])
      f = await enter(f, [reading('leg-contact', { option: 'on-mat' })])
      await enter(f, [reading('leg-contact', { option: 'gap' })])
    }
    const { onArrival } = await body<LogbookCharts>(na.get('/api/logbook/charts'))
    expect(onArrival).toMatchObject({ fittings: 2, withFault: 2 })
    expect(onArrival.faults).toContainEqual({ key: 'leg-contact', count: 2, of: 2 })
  })
  test('exported as a table and as JSON, with the same filter; a name is never a formula', async () => {
    await importCase({ ...example, child: { ...example.child, name: '=HYPERLINK("x")' } })
    await body(na.post('/api/fittings', { childId: 'perrin-hale' }))
    const csv = (await na.get('/api/logbook.csv?q=hale').expect(200)).text.trim().split('\n')
    expect(csv).toHaveLength(3)
    expect(csv[0]).toMatch(/^number,createdAt/)
    expect(csv.join()).toContain(`'=HYPERLINK`)
    const json = JSON.parse((await na.get('/api/logbook.json?q=perrin').buffer(true).parse((res, done) => {
      let text = ''
      res.on('data', (part: Buffer) => (text += part.toString()))
      res.on('end', () => done(null, text))
    })).body as string) as { fittings: { childName: string }[] } // prettier-ignore
    expect(json.fittings.map((f) => f.childName)).toEqual(['Perrin Hale'])
  })
  test.each([
    [[{ path: ['readings', 'slack-mm'] }], 'child-in'],
    [[{ path: ['readings', 'latch-left'] }], 'attach'],
    [[{ path: ['settings', 'recline'] }], 'set-up'],
    [[{ path: ['restraints'] }, { path: ['choice'] }], 'choose'],
    [[{ path: ['choice'] }], 'place'],
    [[{ path: ['child', 'massKg'] }], 'measure'],
    [[{ path: ['today'] }], undefined],
  ])('an entry of %j is work in %s', (changes, stage) => {
    expect(stageOfEntry(changes.map((c) => ({ ...c, from: null, to: 1 })))).toBe(stage)
  })
  test.each([
    ['Hale, 16', '"Hale"* "16"*'],
    ['""', ''],
    ['a b c d e f g h i j', '"a"* "b"* "c"* "d"* "e"* "f"* "g"* "h"*'],
  ])('words of %j: %s', (q, text) => expect(matchText(q)).toBe(text))
})

describe('families', () => {
  const families = () => body<{ id: string; name: string; children: { id: string }[]; fittings: number }[]>(na.get('/api/families')) // prettier-ignore
  const hale = async () => (await families()).find((f) => f.name === 'Hale')!
  test('children of one family name belong together; a case that comes in joins them', async () => {
    expect((await hale()).children.map((c) => c.id).toSorted()).toEqual(['perrin-hale', 'tamsin-hale'])
    await importCase({ ...example, child: { ...example.child, id: 'new-hale', name: 'Nell' } })
    expect((await hale()).children).toHaveLength(3)
    expect((await hale()).fittings).toBe(1)
  })
  test('its page: fittings, cars, what it has on loan, re-checks', async () => {
    const signed = await importCase({ ...example, handover })
    await na.post(`/api/fittings/${signed.id}/rechecks`, { who: 'Maren', answers: { leg: 'no' } }).expect(201)
    const view = await body<FamilyView>(na.get(`/api/families/${(await hale()).id}`))
    expect(view.cars).toEqual(['Corran Dunlin'])
    expect(view.restraints).toMatchObject([{ name: 'Ravel Sheepshank', serial: 'SK-7731' }])
    expect(view.rechecks).toMatchObject([{ kind: 'fail', answers: { leg: 'no' } }])
  })
  test('a child moves to a family of its own, and back; an empty family goes', async () => {
    const { id } = await hale()
    const { familyId } = await body<{ familyId: string }>(
      na.put('/api/families/children/perrin-hale', { familyId: null }),
    )
    expect((await families()).filter((f) => f.name === 'Hale')).toHaveLength(2)
    await na.put('/api/families/children/perrin-hale', { familyId: id }).expect(200)
    expect((await families()).some((f) => f.id === familyId)).toBe(false)
    await na.put('/api/families/children/nobody', { familyId: null }).expect(404)
    await na.put('/api/families/children/perrin-hale', { familyId: familyId }).expect(400)
  })
  test('exported whole, then erased whole: nothing of it is left in the file of the database', async () => {
    const name = 'Quillonwy'
    const f = await importCase({ ...example, child: { ...example.child, id: 'x', name, familyName: 'Brackenthwaite' } })
    await enter(f, [{ path: ['child', 'note'], value: 'likes the Gorsefinch song' }])
    const family = (await families()).find((x) => x.name === 'Brackenthwaite')!
    const kept = (await na.get(`/api/families/${family.id}/export`).expect(200)).body as {
      fittings: { history: unknown[] }[]
    }
    expect(kept.fittings[0]?.history).toHaveLength(1)
    const erase = (confirmed: string) => na.delete(`/api/families/${family.id}`).send({ name: confirmed })
    await erase('Hale').expect(409)
    expect((await erase('Brackenthwaite').expect(200)).body).toEqual({ erased: 1 })
    await na.get(`/api/fittings/${f.id}`).expect(404)
    expect((await logbook(`?q=${name}`)).total).toBe(0)
    const file = join(na.dataDir, 'nimble-anchor.sqlite')
    for (const part of [file, `${file}-wal`]) {
      const bytes = readFileSync(part).toString('latin1')
      for (const word of [name, 'Brackenthwaite', 'Gorsefinch']) expect(bytes).not.toContain(word)
    }
    // Others are untouched, and writing goes on.
    expect((await hale()).children).toHaveLength(2)
    await importCase(example)
  })
})

describe('jobs', () => {
  const begin = (over: object = {}) =>
    na.post('/api/jobs', { unitId: 'u-sheepshank-1', kind: 'wash', who: 'Jory', ...over })
  const unit = async () =>
    ((await na.get('/api/catalogue')).body as { units: RestraintUnit[] }).units.find((u) => u.id === 'u-sheepshank-1')!
  const finish = async (job: JobView, options: Record<string, string> = {}): Promise<JobView> => {
    let now = job
    for (const s of job.plan.steps) now = await body(na.post(`/api/jobs/${job.id}/steps`, { who: 'Jory', stepId: s.id, isDone: true })) // prettier-ignore
    for (const c of job.plan.checks) now = await body(na.post(`/api/jobs/${job.id}/answers`, { who: 'Jory', checkId: c.id, optionId: options[c.id] ?? 'good' })) // prettier-ignore
    return now
  }
  test('washed: not for use, in the catalogue and in an open fitting, until the checks at the end have passed', async () => {
    const chosen = { ...example, choice: { ...example.choice, unitId: 'u-sheepshank-1' }, units: [await unit()] }
    const f = await importCase(chosen)
    const job = await body<JobView>(begin())
    expect((await unit()).awaitsCheck).toEqual({ job: 'wash', since: TODAY })
    expect((await na.get(`/api/fittings/${f.id}`)).body.case.units[0].awaitsCheck.job).toBe('wash')
    expect((await na.get('/api/fittings')).body[0].verdict).toBe('not-permitted')
    await na.post(`/api/jobs/${job.id}/answers`, { who: 'J', checkId: 'rethreaded', optionId: 'good' }).expect(409)
    const bad = await finish(job, { rethreaded: 'bad' })
    expect(bad.state).toBe('failed')
    expect((await unit()).awaitsCheck).toBeDefined()
    const done = await body<JobView>(
      na.post(`/api/jobs/${job.id}/answers`, { who: 'Ada', checkId: 'rethreaded', optionId: 'good' }),
    )
    expect(done.state).toBe('passed')
    expect((await unit()).awaitsCheck).toBeUndefined()
    expect((await na.get('/api/fittings')).body[0].verdict).toBe('ready')
    expect(done.log.at(-1)).toMatchObject({
      who: 'Ada',
      what: 'Straps through the shell: same height, flat, over every bar',
    })
    await na.post(`/api/jobs/${job.id}/steps`, { who: 'J', stepId: 'wash', isDone: false }).expect(409)
  })
  test('what a job says of a unit is not undone by hand, nor signed away', async () => {
    const mine = { ...example, today: TODAY, choice: { ...example.choice, unitId: 'u-sheepshank-1' }, units: [await unit()] } // prettier-ignore
    const f = await importCase(mine)
    await begin()
    const now = await body<FittingView>(na.get(`/api/fittings/${f.id}`))
    await na.post(`/api/fittings/${f.id}/undo`, { baseSequence: now.sequence, who: 'Jory' }).expect(409)
    // Nor by undoing the choice that brought the unit in before the job began.
    const chosen = await enter(await importCase({ ...mine, units: undefined, choice: { at: 0 } }), [
      { path: ['units'], value: [await unit()].map(({ awaitsCheck: _a, ...u }) => u) },
      { path: ['settings', 'legNotch'], value: { value: 7 } },
    ])
    const undone = await body<FittingView>(na.post(`/api/fittings/${chosen.id}/undo`, { baseSequence: chosen.sequence, who: 'Jory' })) // prettier-ignore
    expect(undone.case.units?.map((u) => u.id)).toEqual(['u-sheepshank-1'])
    // A copy from before the job, brought in from a file: ready by what it knows, and the shelf knows better.
    const old = await importCase(mine)
    const refused = await na.post(`/api/fittings/${old.id}/sign`, { baseSequence: old.sequence, who: 'Jory', carerName: 'Maren' }).expect(409) // prettier-ignore
    expect(refused.body.message).toContain('“Cover off, wash, back on” was started on 25 Nov 2026')
  })
  test('a catalogue that knows nothing of the job does not free the unit, nor hold one that is free', async () => {
    const before = await unit()
    const bring = (u: object) =>
      na.post('/api/catalogue/import', { format: 'nimble-anchor/catalogue', version: 1, units: [u] }).expect(200)
    await begin()
    await bring({ ...before, note: 'counted again' })
    expect(await unit()).toMatchObject({ note: 'counted again', awaitsCheck: { job: 'wash' } })
    const csv = (await na.get('/api/catalogue/units.csv').expect(200)).text
    expect(csv).toContain('unit.awaitsCheck.job')
    await bring({ ...before, id: 'u-other', serial: 'SK-9', awaitsCheck: { job: 'wash', since: TODAY } })
    const { units } = (await na.get('/api/catalogue')).body as { units: RestraintUnit[] }
    expect(units.find((u) => u.id === 'u-other')?.awaitsCheck).toBeUndefined()
  })
  test('one of a kind at a time; two kinds hold it up until both are done', async () => {
    const wash = await body<JobView>(begin())
    await begin().expect(409)
    const buckle = await body<JobView>(begin({ kind: 'sticky-buckle' }))
    await finish(buckle)
    expect((await unit()).awaitsCheck?.job).toBe('wash')
    await finish(wash)
    expect((await unit()).awaitsCheck).toBeUndefined()
  })
  test('taken out: an open fitting is told that nothing holds any more', async () => {
    const f = await importCase(example)
    const job = await body<JobView>(begin({ kind: 'take-out', fittingId: f.id }))
    expect(job.plan.steps.map((s) => s.id)).toContain('leg-up')
    await finish(job)
    expect((await na.get(`/api/fittings/${f.id}`)).body.case.disturbances.removed).toBeDefined()
    expect((await na.get('/api/fittings')).body[0].verdict).toBe('undecided')
  })
  test('after a crash it is out of use at once, and parts that are missing stay missing', async () => {
    const crash = await body<JobView>(begin({ kind: 'after-crash' }))
    expect((await unit()).wasInCrash).toBe(true)
    await finish(crash)
    expect((await unit()).wasInCrash).toBe(true)
    await finish(await body(begin({ kind: 'hand-back' })), { 'parts-counted': 'bad' })
    expect(await unit()).toMatchObject({ isComplete: false, awaitsCheck: { job: 'hand-back' } })
  })
  test.each([
    [{ unitId: 'none' }, '$.unitId'],
    [{ kind: 'paint' }, '$.kind'],
    [{ kind: 'convert' }, '$.toModeId'],
    [{ kind: 'convert', fromModeId: 'rearward', toModeId: 'rearward' }, '$.toModeId'],
    [{ kind: 'convert', fromModeId: 'rearward', toModeId: 'no' }, '$.toModeId'],
    [{ kind: 'take-out' }, '$.fittingId'],
    [{ who: '' }, '$.who'],
  ])('%j is refused: %s', async (over, path) => {
    expect((await begin(over).expect(400)).body.faults.map((f: { path: string }) => f.path)).toContain(path)
  })
  test('listed: what is open, or all of one unit; nonsense is refused', async () => {
    const done = await body<JobView>(begin({ kind: 'empty-booster' }))
    await finish(done)
    await begin()
    const kinds = async (query: string) => ((await na.get(`/api/jobs${query}`)).body as JobView[]).map((j) => j.kind)
    expect(await kinds('')).toEqual(['wash'])
    expect((await kinds('?unitId=u-sheepshank-1')).toSorted()).toEqual(['empty-booster', 'wash'])
    await na.get('/api/jobs?unitId=a&unitId=b').expect(400)
  })
  test('the history of a job is kept as it was entered', async () => {
    const { id } = await body<JobView>(begin())
    const db = na.app.get(Database)
    await expect(db.write((m) => m.query(`UPDATE "job_entry" SET "who" = 'x' WHERE "jobId" = ?`, [id]))).rejects.toThrow(/kept as/) // prettier-ignore
  })
})

describe('the bay’s day', () => {
  const visit = { day: TODAY, time: '10:20', who: 'Hale', note: '', isWalkIn: false, state: 'expected', childId: 'tamsin-hale', vehicleId: null, fittingId: null } // prettier-ignore
  const day = () => body<DayView>(na.get('/api/day'))
  test('in the order of the hours, each with its fitting; changed and taken off', async () => {
    const f = await importCase(example)
    const late = await body<{ id: string }>(
      na.post('/api/visits', { ...visit, time: '11:00', fittingId: f.id, state: 'here' }),
    )
    await na.post('/api/visits', { ...visit, isWalkIn: true }).expect(201)
    await na.post('/api/visits', { ...visit, day: '2026-11-26' }).expect(201)
    expect((await day()).visits).toMatchObject([
      { time: '10:20', isWalkIn: true, fitting: null },
      { time: '11:00', state: 'here', fitting: { id: f.id, stage: 'hand-over', verdict: 'ready' } },
    ])
    const asBooked = { ...visit, time: '11:00', fittingId: f.id, state: 'here' }
    await na.put(`/api/visits/${late.id}`, { ...visit, time: '09:00' }, asBooked).expect(200)
    expect((await day()).visits[0]).toMatchObject({ id: late.id, time: '09:00' })
    await na.delete(`/api/visits/${late.id}`).expect(204)
    await na.delete(`/api/visits/${late.id}`).expect(404)
    expect((await day()).visits).toHaveLength(1)
  })
  test('one visit has one fitting, however many begin it: the second is led to the first’s', async () => {
    const { id: visitId } = await body<{ id: string }>(na.post('/api/visits', visit))
    const begin = (over: object) => na.post('/api/fittings', { childId: 'tamsin-hale', visitId, ...over })
    const [one, other] = await Promise.all([begin({}), begin({ vehicleId: 'corran-dunlin' })])
    const [won, lost] = one.status === 201 ? [one, other] : [other, one]
    expect([won.status, lost.status]).toEqual([201, 409])
    expect(lost.body).toMatchObject({ message: expect.stringMatching(/^Tamsin.* was begun for this visit already/), current: { id: won.body.id } }) // prettier-ignore
    expect((await day()).visits).toMatchObject([{ id: visitId, state: 'here', childId: 'tamsin-hale', fitting: { id: won.body.id } }]) // prettier-ignore
    // A child who was typed for it is kept with its fitting, or not at all.
    const children = async () => ((await na.get('/api/catalogue')).body as { children: unknown[] }).children.length
    const before = await children()
    await begin({ childId: undefined, newChild: { name: 'Wenna' } }).expect(409)
    expect(await children()).toBe(before)
    expect(await body<FittingSummary[]>(na.get('/api/fittings'))).toHaveLength(1)
    // Booked for a child, it is nobody else's: neither of one who is known nor of one who is typed.
    const { id: booked } = await body<{ id: string }>(na.post('/api/visits', { ...visit, time: '12:00' }))
    for (const over of [{ childId: 'perrin-hale' }, { childId: undefined, newChild: { name: 'Wenna' } }])
      expect((await begin({ visitId: booked, ...over }).expect(409)).body.message).toMatch(/of another child by now/)
    expect((await day()).visits).toMatchObject([{ id: visitId }, { id: booked, childId: 'tamsin-hale', fitting: null }])
    expect(await children()).toBe(before)
    await na.delete(`/api/visits/${booked}`).expect(204)
    await na.delete(`/api/visits/${visitId}`).expect(204)
    expect((await begin({}).expect(400)).body.faults[0].path).toBe('$.visitId')
    expect((await begin({ visitId: 'today' }).expect(400)).body.faults[0].path).toBe('$.visitId')
  })
  test.each([
    [{ time: '24:00' }, '$.time'],
    [{ day: '2026-13-01' }, '$.day'],
    [{ who: '' }, '$.who'],
    [{ childId: 'nobody' }, '$.childId'],
    [{ state: 'lost' }, '$.state'],
  ])('%j is refused: %s', async (over, path) => {
    const answer = await na.post('/api/visits', { ...visit, ...over }).expect(400)
    expect(answer.body.faults.map((f: { path: string }) => f.path)).toContain(path)
  })
  test('what has come due: by the newest signed fitting, settled by a re-check that passed', async () => {
    await importCase({ ...exampleOn('2026-05-20'), handover: { ...handover, signedAt: '2026-05-20T10:00:00Z' } })
    const first = (await day()).due
    expect(first.map((d) => d.item.kind)).toContain('next-check')
    expect(first.every((d) => d.isPast || d.item.early <= '2026-12-09')).toBe(true)
    const { fittingId } = first[0]!
    const { body: bad } = await na.post(`/api/fittings/${fittingId}/rechecks`, {
      who: 'Maren',
      answers: { paint: 'yes' },
    })
    expect(bad.faults[0].path).toBe('$.answers.paint')
    await na.post(`/api/fittings/${fittingId}/rechecks`, { who: 'Maren', answers: { leg: 'maybe' } }).expect(400)
    const asked = (await body<{ items: { id: string }[] }>(na.post(`/api/fittings/${fittingId}/rechecks`, { who: 'Maren', answers: {} }))).items // prettier-ignore
    expect((await day()).due.map((d) => d.item.kind)).toContain('next-check')
    const yes = Object.fromEntries(asked.map((i) => [i.id, 'yes']))
    expect((await na.post(`/api/fittings/${fittingId}/rechecks`, { who: 'Maren', answers: yes })).body.kind).toBe(
      'pass',
    )
    expect((await day()).due.map((d) => d.item.kind)).not.toContain('next-check')
    // An older one, brought in later, does not speak instead.
    await importCase({ ...exampleOn('2026-01-10'), handover: { ...handover, signedAt: '2026-01-10T10:00:00Z' } })
    expect((await day()).due.filter((d) => d.fittingId === fittingId).length).toBeGreaterThan(0)
    // A newer signed fitting of the same child speaks instead.
    await importCase({ ...example, handover })
    expect((await day()).due.filter((d) => d.fittingId === fittingId)).toEqual([])
  })
  test('only a signed fitting is re-checked', async () => {
    const f = await importCase(example)
    await na.post(`/api/fittings/${f.id}/rechecks`, { who: 'Maren', answers: {} }).expect(409)
  })
})

test('signatures drawn by hand are kept; anything else in their place is refused', async () => {
  const f = await importCase({ ...example, today: TODAY })
  const sign = (over: object) => na.post(`/api/fittings/${f.id}/sign`, { baseSequence: f.sequence, who: 'Jory', carerName: 'Maren', ...over }) // prettier-ignore
  const bad = await sign({ carerStrokes: 'M1 1<script>' }).expect(400)
  expect(bad.body.faults[0]).toMatchObject({ path: '$.carerStrokes' })
  const { body: signed } = await sign({ fitterStrokes: 'M10 20L30 40', carerStrokes: 'M1 2L3 4M5 6' }).expect(200)
  expect(signed.case.handover).toMatchObject({ fitterStrokes: 'M10 20L30 40', carerStrokes: 'M1 2L3 4M5 6' })
  expect((await na.get(`/api/fittings/${f.id}/sheet.pdf`).expect(200)).body.length).toBeGreaterThan(5000)
})

describe('a family leaves although it is not ready', () => {
  const advice = { reason: 'They live two streets away.', said: 'That nobody has looked at the leg.' }
  const { 'leg-contact': _, ...readings } = example.readings
  const unready = { ...example, today: TODAY, readings }
  const sign = (f: { id: string; sequence: number }, over: object) =>
    na.post(`/api/fittings/${f.id}/sign`, { baseSequence: f.sequence, who: 'Jory', carerName: 'Maren', ...over })

  test('only with reason and what was said; then it is closed, and never called ready', async () => {
    const f = await importCase(unready)
    await sign(f, {}).expect(409)
    for (const [over, path] of [
      [{ ...advice, reason: ' ' }, '$.againstAdvice.reason'],
      [{ reason: advice.reason }, '$.againstAdvice.said'],
      [{ ...advice, said: 'x'.repeat(501) }, '$.againstAdvice.said'],
      [{ ...advice, more: 1 }, '$.againstAdvice.more'],
    ] as const)
      expect((await sign(f, { againstAdvice: over }).expect(400)).body.faults[0]).toMatchObject({ path })
    const { body } = await sign(f, { againstAdvice: advice }).expect(200)
    expect(body).toMatchObject({
      status: 'signed',
      case: { handover: { fitterName: 'Jory', carerName: 'Maren', againstAdvice: advice } },
    })
    const { body: judged } = await na.post('/api/assess', body.case).expect(200)
    expect(judged).toMatchObject({ verdict: 'undecided', stages: { 'hand-over': 'fail' } })
    const found = await logbook('?q=against+advice')
    expect(found.rows.map((r) => [r.id, r.status, r.verdict])).toEqual([[f.id, 'signed', 'undecided']])
    await na.post(`/api/fittings/${f.id}/rechecks`, { who: 'Maren', answers: {} }).expect(409)
    expect((await na.get(`/api/fittings/${f.id}/sheet.pdf`).expect(200)).body.length).toBeGreaterThan(5000)
  })
  test('a ready one is signed as ready; what the carer did is kept', async () => {
    const f = await importCase({ ...example, today: TODAY })
    expect((await sign(f, { againstAdvice: advice }).expect(400)).body.faults[0]).toMatchObject({
      path: '$.againstAdvice',
    })
    expect((await sign(f, { carerTried: 'brilliantly' }).expect(400)).body.faults[0]).toMatchObject({
      path: '$.carerTried',
    })
    const { body } = await sign(f, { carerTried: 'needs-practice' }).expect(200)
    expect(body.case.handover).toMatchObject({ carerTried: 'needs-practice' })
    expect((await na.post('/api/assess', body.case)).body.stages['hand-over']).toBe('pass')
  })
})

test('data from before families and the logbook comes along: families by name, numbers, search', async () => {
  const dataDir = mkdtempSync(join(tmpdir(), 'nimble-anchor-'))
  const old = new DataSource({
    type: 'better-sqlite3',
    database: join(dataDir, 'nimble-anchor.sqlite'),
    migrations: MIGRATIONS.slice(0, 3),
  })
  await old.initialize()
  await old.runMigrations()
  for (const [id, familyName] of [['tamsin-hale', 'Hale'], ['perrin-hale', 'Hale'], ['solo', undefined]] as const)
    await old.query(`INSERT INTO child VALUES (?, ?)`, [id, JSON.stringify({ id, name: id, ...(familyName && { familyName }) })]) // prettier-ignore
  await old.query(
    `INSERT INTO fitting ("id", "childId", "createdAt", "updatedAt", "status", "sequence", "verdict", "headline", "childName", "vehicleName", "restraintName", "initial", "current") VALUES ('00000000-0000-4000-8000-000000000001', 'tamsin-hale', '2026-11-01', '2026-11-01', 'open', 0, 'undecided', '', 'Tamsin Hale', 'Corran Dunlin', 'Ravel Sheepshank', ?, ?)`,
    [JSON.stringify(example), JSON.stringify(example)],
  )
  await old.destroy()
  const later = await start({ dataDir })
  expect(
    ((await later.get('/api/families')).body as { children: unknown[] }[]).map((f) => f.children.length).toSorted(),
  ).toEqual([1, 2])
  expect((await later.get('/api/logbook?q=dunlin')).body).toMatchObject({
    total: 1,
    rows: [{ number: 1, stage: 'hand-over', routeKind: 'isofix-leg' }],
  })
  await later.end()
  rmSync(dataDir, { recursive: true, force: true })
})
