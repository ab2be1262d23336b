import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { DEFAULT_PRACTICE } from '@nimble-anchor/core/practice'
import { LOCAL_RULES } from '@nimble-anchor/core/law'
import { buildCase, buildMode, buildModel, FORWARD, withEverythingGood } from '@nimble-anchor/core/testing'
import { start, type Running } from './harness'

let na: Running
beforeAll(async () => {
  na = await start({ demo: true })
})
afterAll(() => na.end())

const ROOT = join(__dirname, '../..')
const assessFile = (file: string) =>
  spawnSync(process.execPath, [join(ROOT, 'scripts/assess.mjs'), file], { encoding: 'utf8' })
const write = (data: unknown): string => {
  const file = join(mkdtempSync(join(tmpdir(), 'nimble-anchor-case-')), 'case.json')
  writeFileSync(file, typeof data === 'string' ? data : JSON.stringify(data))
  return file
}
const create = async (body: object = { childId: 'tamsin-hale', vehicleId: 'corran-dunlin' }) =>
  (await na.post('/api/fittings', body).expect(201)).body
const enter = (id: string, baseSequence: number, puts: object[], who = 'Jory Quill') =>
  na.post(`/api/fittings/${id}/entries`, { baseSequence, who, puts })
const mass = (value: number) => ({ path: ['child', 'massKg'], value: { value, plusMinus: 0.1, source: 'measured' } })

describe('assessment', () => {
  const ready = withEverythingGood(buildCase())
  test.each([
    ['ready', ready, 0],
    ['undecided', buildCase(), 1],
    ['not-permitted', { ...ready, child: { ...ready.child, massKg: { value: 20, source: 'measured' } } }, 1],
  ])('%s: command line and API say the same of the same file', async (verdict, c, code) => {
    const { status, stdout } = assessFile(write(c))
    const { body } = await na.post('/api/assess', c).expect(200)
    expect(status).toBe(code)
    expect(body).toMatchObject({ verdict })
    expect(JSON.parse(stdout)).toEqual(body)
  })
  test('the published example is ready to travel', () => {
    expect(assessFile(join(ROOT, 'docs/formats/example.case.json')).status).toBe(0)
  })
  test('a faulty file names each fault by path and limit, on both', async () => {
    const bad = structuredClone(ready) as unknown as { child: { massKg: { value: number }; shoe?: number } }
    bad.child.massKg.value = 81
    bad.child.shoe = 21
    const { status, stderr, stdout } = assessFile(write(bad))
    expect([status, stdout]).toEqual([2, ''])
    expect(stderr).toContain('$.child.massKg.value must be at most 80 kg')
    expect(stderr).toContain('$.child.shoe is not a known field')
    const { body } = await na.post('/api/assess', bad).expect(400)
    expect(body.faults).toEqual([
      { path: '$.child.massKg.value', message: 'must be at most 80 kg' },
      { path: '$.child.shoe', message: 'is not a known field' },
    ])
  })
  test('what is no file, or no JSON, is exit 2 with a plain sentence', () => {
    expect(assessFile('/nowhere/case.json')).toMatchObject({
      status: 2,
      stderr: expect.stringContaining('cannot be read'),
    })
    expect(assessFile(write('{ not json'))).toMatchObject({ status: 2, stderr: expect.stringContaining('is not JSON') })
    expect(spawnSync(process.execPath, [join(ROOT, 'scripts/assess.mjs')]).status).toBe(2)
  })
  test('a body over the limit is refused', async () => {
    await na.post('/api/assess', { filler: 'x'.repeat(9_000_000) }).expect(413)
  })
})

describe('fittings', () => {
  test('a fitting starts from what is known of the child', async () => {
    const view = await create()
    expect(view).toMatchObject({
      status: 'open',
      sequence: 0,
      case: { today: '2026-11-25', child: { massKg: { value: 10.4 } }, vehicle: { id: 'corran-dunlin' } },
    })
  })
  test.each([
    [{ childId: 'nobody' }, '$.childId', 'no child "nobody"'],
    [{ childId: 'tamsin-hale', vehicleId: 'none' }, '$.vehicleId', 'no vehicle "none"'],
    [{ childId: 'Tamsin Hale' }, '$.childId', 'must be the id of a child'],
    [{ childId: 'tamsin-hale', colour: 'red' }, '$.colour', 'is not a known field'],
    [{}, '$.childId', expect.stringContaining('must be')],
  ])('%j is refused: %s', async (body, path, message) => {
    const { body: answer } = await na.post('/api/fittings', body).expect(400)
    expect(answer.faults).toContainEqual({ path, message })
  })
  test('an entry is saved, assessed, listed, and in the history with who, when and from what', async () => {
    const { id } = await create()
    const view = (await enter(id, 0, [mass(10.6)]).expect(200)).body
    expect(view).toMatchObject({ sequence: 1, case: { child: { massKg: { value: 10.6 } } } })
    const [entry] = (await na.get(`/api/fittings/${id}/history`).expect(200)).body
    expect(entry).toMatchObject({
      sequence: 1,
      who: 'Jory Quill',
      undoes: null,
      changes: [{ path: ['child', 'massKg'], to: { value: 10.6 } }],
    })
    expect(entry.changes[0].from).toMatchObject({ source: 'measured' })
    const list = (await na.get('/api/fittings').expect(200)).body
    expect(list.find((f: { id: string }) => f.id === id)).toMatchObject({
      childName: 'Tamsin Hale',
      vehicleName: 'Corran Dunlin',
      verdict: 'undecided',
    })
    // What was measured belongs to the child: the next fitting starts from it.
    expect((await create()).case.child.massKg.value).toBe(10.6)
  })
  test.each([
    [[mass(81)], '$.child.massKg.value', 'must be at most 80 kg'],
    [[{ path: ['child', 'id'], value: 'x' }], '$.puts[0].path', '"child.id" is not a field that can be set'],
    [[{ path: ['child', 'massKg'] }], '$.puts[0].value', 'must be given; null takes the value away'],
    [[], '$.puts', expect.stringContaining('at least 1')],
    [
      [{ path: ['handover'], value: { fitterName: 'a', carerName: 'b', signedAt: '2026-11-25T10:00:00Z' } }],
      '$.puts',
      'a fitting is signed through its own call',
    ],
  ])('entry %j is refused and changes nothing', async (puts, path, message) => {
    const { id } = await create()
    const { body } = await enter(id, 0, puts).expect(400)
    expect(body.faults).toContainEqual({ path, message })
    expect((await na.get(`/api/fittings/${id}`)).body.sequence).toBe(0)
  })
  test('unknown fitting 404, not an id 400, sequence from the future 400', async () => {
    await na.get('/api/fittings/00000000-0000-4000-8000-000000000000').expect(404)
    await na.get('/api/fittings/nonsense').expect(400)
    const { id } = await create()
    const { body } = await enter(id, 5, [mass(10)]).expect(400)
    expect(body.faults[0]).toEqual({ path: '$.baseSequence', message: 'must be at most 0' })
  })
  test('two people: different fields both stand; the same field is told, shown, and nothing is lost', async () => {
    const { id } = await create()
    await enter(id, 0, [mass(10.7)], 'Ines Marr').expect(200)
    await enter(id, 0, [{ path: ['child', 'headControl'], value: 'steady' }], 'Jory Quill').expect(200)
    const { body } = await enter(id, 0, [mass(11)], 'Jory Quill').expect(409)
    expect(body.current.case.child.massKg.value).toBe(10.7)
    expect(body.message).toContain('has changed child massKg')
    await enter(id, 2, [mass(11)]).expect(200)
    expect((await na.get(`/api/fittings/${id}/history`)).body).toHaveLength(3)
  })
  test('undo takes entries back one by one; the history keeps them all', async () => {
    const { id } = await create({ childId: 'perrin-hale' })
    await enter(id, 0, [mass(13)]).expect(200)
    await enter(id, 1, [mass(14)]).expect(200)
    const undo = (baseSequence: number) => na.post(`/api/fittings/${id}/undo`, { baseSequence, who: 'Jory Quill' })
    expect((await undo(2).expect(200)).body.case.child.massKg.value).toBe(13)
    expect((await undo(2).expect(409)).body).toMatchObject({
      message: 'An entry of your own was stored meanwhile, by a job or another device; look before you undo.',
    })
    expect((await undo(3).expect(200)).body.case.child.massKg).toMatchObject({ value: 13, plusMinus: 1 })
    await undo(4).expect(409)
    const history = (await na.get(`/api/fittings/${id}/history`)).body
    expect(history.map((e: { undoes: number | null }) => e.undoes)).toEqual([null, null, 2, 1])
  })
  test('only what is ready to travel is signed; signed is closed', async () => {
    const open = await create()
    await na
      .post(`/api/fittings/${open.id}/sign`, { baseSequence: 0, who: 'Jory Quill', carerName: 'Maren Hale' })
      .expect(409)
    const ready = (await na.post('/api/fittings/import', withEverythingGood(buildCase())).expect(201)).body
    const sign = (baseSequence: number) =>
      na.post(`/api/fittings/${ready.id}/sign`, { baseSequence, who: 'Jory Quill', carerName: 'Maren Hale' })
    await sign(ready.sequence + 1).expect(409)
    const signed = (await sign(ready.sequence).expect(200)).body
    expect(signed).toMatchObject({
      status: 'signed',
      case: { handover: { fitterName: 'Jory Quill', carerName: 'Maren Hale' } },
    })
    await enter(ready.id, signed.sequence, [mass(10)]).expect(409)
    await na.post(`/api/fittings/${ready.id}/undo`, { baseSequence: signed.sequence, who: 'x' }).expect(409)
  })
})

test('importing a case makes the fitting; exporting it gives the same file back', async () => {
  const c = JSON.parse(JSON.stringify(withEverythingGood(buildCase())))
  const { id } = (await na.post('/api/fittings/import', c).expect(201)).body
  expect((await na.get(`/api/fittings/${id}/case`).expect(200)).body).toEqual(c)
})

describe('catalogue', () => {
  test('what is exported is imported as the same, row for row', async () => {
    const all = (await na.get('/api/catalogue').expect(200)).body
    expect(all.children.length).toBeGreaterThanOrEqual(10)
    const rows = (await na.post('/api/catalogue/import?preview=true', all).expect(200)).body
    expect(new Set(rows.map((r: { state: string }) => r.state))).toEqual(new Set(['same']))
  })
  test('a preview says what would happen and stores nothing', async () => {
    const body = { format: 'nimble-anchor/catalogue', version: 1, children: [{ id: 'new-child', name: 'New' }] }
    expect((await na.post('/api/catalogue/import?preview=true', body).expect(200)).body).toEqual([
      { kind: 'children', id: 'new-child', state: 'new' },
    ])
    expect((await na.get('/api/catalogue')).body.children.map((c: { id: string }) => c.id)).not.toContain('new-child')
  })
  test('an entry that contradicts its regulation is flagged', async () => {
    const model = buildModel([buildMode({ ...FORWARD, statureCm: { from: 75, to: 105 } })])
    const body = { format: 'nimble-anchor/catalogue', version: 1, models: [model] }
    expect((await na.post('/api/catalogue/import?preview=true', body).expect(200)).body).toEqual([
      {
        kind: 'models',
        id: 'halyard',
        state: 'new',
        lints: ['modes[0].statureCm.from: forward from 75 cm; UN R129 allows it from 76 cm'],
      },
    ])
  })
  test('one bad row and nothing is imported', async () => {
    const body = {
      format: 'nimble-anchor/catalogue',
      version: 1,
      children: [
        { id: 'good-child', name: 'Good' },
        { id: 'Bad Child', name: 'Bad' },
      ],
      units: [{ id: 'u', modelId: 'nothing', serial: '1' }],
    }
    const { body: answer } = await na.post('/api/catalogue/import', body).expect(400)
    expect(answer.faults.map((f: { path: string }) => f.path)).toEqual(['$.units[0].modelId', '$.children[1].id'])
    const orphan = await na.post('/api/catalogue/import', { ...body, children: [body.children[0]] }).expect(400)
    expect(orphan.body.faults).toEqual([{ path: '$.units[0].modelId', message: 'no restraint model "nothing"' }])
    expect((await na.get('/api/catalogue')).body.children.map((c: { id: string }) => c.id)).not.toContain('good-child')
  })
})

describe('spreadsheets', () => {
  const importCsv = (text: string, preview = false) =>
    na.post(`/api/catalogue/import${preview ? '?preview=true' : ''}`, text, 'text/csv')

  test('what is exported comes back the same, byte for byte, and says so', async () => {
    for (const table of ['restraints', 'units', 'vehicles']) {
      const { text } = await na.get(`/api/catalogue/${table}.csv`).expect(200)
      const { body } = await importCsv(text).expect(200)
      expect(new Set(body.map((r: { state: string }) => r.state))).toEqual(new Set(['same']))
      expect((await na.get(`/api/catalogue/${table}.csv`)).text).toBe(text)
    }
  })
  test('the JSON file comes back the same, and holds nothing about children', async () => {
    const { body, text } = await na.get('/api/catalogue/restraints.json').expect(200)
    expect(Object.keys(body)).toEqual(['format', 'version', 'models', 'units'])
    await na.post('/api/catalogue/import', body).expect(200)
    expect((await na.get('/api/catalogue/restraints.json')).text).toBe(text)
  })
  test('a bad cell is named with row, column, value and limit; a preview shows the rest; nothing is half-imported', async () => {
    const text =
      'unit.id,unit.modelId,unit.serial,unit.madeOn\nu-new,ravel-bowline,N-1,2025-01-01\nu-bad,ravel-bowline,N-2,yesterday\nu-lost,nothing,N-3,\n'
    const { body: rows } = await importCsv(text, true).expect(200)
    expect(rows).toEqual([
      { kind: 'units', id: 'u-new', state: 'new' },
      {
        kind: 'units',
        id: 'u-bad',
        state: 'rejected',
        faults: [{ path: 'row 3, column unit.madeOn', message: 'must be a day as YYYY-MM-DD, got "yesterday"' }],
      },
      {
        kind: 'units',
        id: 'u-lost',
        state: 'rejected',
        faults: [{ path: 'row 4, column unit.modelId', message: 'no restraint model "nothing"' }],
      },
    ])
    expect((await importCsv(text).expect(400)).body.faults).toHaveLength(2)
    expect((await na.get('/api/catalogue/units.csv')).text).not.toContain('u-new')
  })
  test.each([
    ['colour\nred\n', 'row 1', 'must name the columns of a table: restraints, units, vehicles'],
    ['unit.id,unit.colour\nu,red\n', 'row 1, column unit.colour', 'is not a column of the table of units'],
    ['unit.id,"unit.serial\nu', '$', 'cannot be read as CSV'],
  ])('a table that is none: %j', async (text, path, message) => {
    const { body } = await importCsv(text).expect(400)
    expect(body.faults[0].path).toBe(path)
    expect(body.faults[0].message).toContain(message)
  })
  test('semicolons and decimal commas, as some spreadsheets write them', async () => {
    const header =
      'model.id;model.maker;model.name;model.massKg;mode.id;mode.label;mode.approval.regulation;mode.approval.series;mode.approval.groups;mode.shape;mode.direction;mode.heldBy;route.id;route.label;route.scope;route.belt.needs;route.belt.path;route.belt.lock.kind'
    const path = '"[{""section"":""lap"",""mark"":""red"",""side"":""buckle-side"",""how"":""under""}]"'
    const line = `half-hitch;Ravel;Half Hitch;4,5;booster;Booster;R44;04;II III;booster-seat;forward;vehicle-belt;belt;By belt;universal;three-point;${path};free`
    const { body } = await importCsv(`${header}\n${line}\n`).expect(200)
    expect(body).toEqual([{ kind: 'models', id: 'half-hitch', state: 'new' }])
    const model = (await na.get('/api/catalogue')).body.models.find((m: { id: string }) => m.id === 'half-hitch')
    expect(model.massKg).toBe(4.5)
    await na.delete('/api/catalogue/models/half-hitch').expect(204)
    await na.delete('/api/catalogue/models/half-hitch').expect(404)
  })
  test('a model with units on the shelf is not taken away; what is no kind is refused', async () => {
    expect((await na.delete('/api/catalogue/models/ravel-bowline').expect(409)).body.message).toContain('on the shelf')
    await na.delete('/api/catalogue/children/tamsin-hale').expect(400)
  })
})

describe('practice and local rule', () => {
  const profile = { ...DEFAULT_PRACTICE, id: 'bay', name: 'The bay’s own', slack: 'pinch' }
  test('shipped: two profiles and three local rules; a new fitting starts with the default', async () => {
    const { body } = await na.get('/api/practice').expect(200)
    expect(body.profiles.map((p: { id: string }) => p.id)).toEqual(['legal-minimum', 'rearward-longest'])
    expect(body.localRules).toHaveLength(3)
    for (const rule of LOCAL_RULES) expect(body.localRules).toContainEqual(rule)
    expect(body.profiles).toContainEqual(DEFAULT_PRACTICE)
  })
  test('a profile is kept, becomes the default, and a new fitting takes it', async () => {
    await na.put('/api/practice/profiles/bay', profile).expect(200)
    await na.put('/api/practice/defaults', { profileId: 'bay', localRuleId: 'to-135-or-12' }).expect(200)
    const { body } = await na.post('/api/fittings', { childId: 'tamsin-hale' }).expect(201)
    expect(body.case.practice).toEqual(profile)
    expect(body.case.localRule.untilStatureCm).toBe(135)
    expect((await na.delete('/api/practice/profiles/bay').expect(409)).body.message).toContain('choose another')
    await na.put('/api/practice/defaults', { profileId: 'rearward-longest', localRuleId: 'to-150-or-12' }).expect(200)
    await na.delete('/api/practice/profiles/bay').expect(200)
    await na.delete('/api/practice/local-rules/none').expect(404)
  })
  test.each([
    ['profiles/bay', { ...profile, slack: 'loose' }, '$.slack'],
    ['profiles/other', profile, '$.id'],
    ['local-rules/none', { id: 'none', name: 'No end' }, '$.untilStatureCm'],
    ['defaults', { profileId: 'rearward-longest', localRuleId: 'nowhere' }, '$.localRuleId'],
    ['defaults', { profileId: 'Not An Id', localRuleId: 'to-150-or-12' }, '$.profileId'],
  ])('PUT %s with a fault names the field', async (path, body, field) => {
    expect((await na.put(`/api/practice/${path}`, body).expect(400)).body.faults[0].path).toBe(field)
  })
})

test('the log counts which rule decided, by fittings and by entries', async () => {
  const { id } = (await na.post('/api/fittings', { childId: 'tamsin-hale' })).body
  const model = (await na.get('/api/catalogue')).body.models.find((m: { id: string }) => m.id === 'hitchmark-reef')
  const puts = [
    { path: ['restraints'], value: [model] },
    { path: ['choice'], value: { modelId: 'hitchmark-reef', modeId: 'booster' } },
  ]
  await na.post(`/api/fittings/${id}/entries`, { baseSequence: 0, who: 'Jory', puts }).expect(200)
  const mass = { value: 10.5, plusMinus: 0.1, source: 'measured' }
  await na
    .post(`/api/fittings/${id}/entries`, {
      baseSequence: 1,
      who: 'Jory',
      puts: [{ path: ['child', 'massKg'], value: mass }],
    })
    .expect(200)
  const { body } = await na.get('/api/rules/decided').expect(200)
  const refused = body.filter((c: { ruleId: string }) => /^R129-(booster-floor|stature-range)$/.test(c.ruleId))
  expect(refused).toEqual([expect.objectContaining({ fittings: 1, entries: 2 })])
})

test('a child’s readings over its fittings, what it wore taken off', async () => {
  const { id } = (await na.post('/api/fittings', { childId: 'wren-oxley' })).body
  await na
    .post(`/api/fittings/${id}/entries`, {
      baseSequence: 0,
      who: 'Jory',
      puts: [
        { path: ['child', 'massKg'], value: { value: 5, plusMinus: 0, source: 'measured' } },
        { path: ['child', 'weighedIn'], value: 'indoor-clothes' },
      ],
    })
    .expect(200)
  const { body } = await na.get('/api/children/wren-oxley/readings').expect(200)
  expect(body.at(-1)).toMatchObject({ fittingId: id, massKg: { lo: 4.2, hi: 4.8 } })
  expect((await na.get('/api/children/nobody/readings').expect(200)).body).toEqual([])
})

test('the interface is described in OpenAPI, with the published schemas', async () => {
  const { body } = await na.get('/api/docs-json').expect(200)
  expect(Object.keys(body.paths)).toEqual(
    expect.arrayContaining(['/api/assess', '/api/fittings', '/api/fittings/{id}/entries', '/api/catalogue/import']),
  )
  // Every reference leads somewhere, and the case is the published one.
  const refs = [...JSON.stringify(body).matchAll(/"\$ref":"#\/components\/schemas\/([^"]+)"/g)].map((m) => m[1]!)
  expect(refs.length).toBeGreaterThan(10)
  for (const ref of refs) expect(body.components.schemas).toHaveProperty([ref])
  const published = JSON.parse(readFileSync(join(ROOT, 'docs/formats/case.schema.json'), 'utf8'))
  const fields = Object.keys(published.$defs.Case.properties)
  expect(fields).toContain('child')
  expect(Object.keys(body.components.schemas.Case.properties)).toEqual(fields)
  expect(body.paths['/api/assess'].post.requestBody.content['application/json'].schema).toEqual({
    $ref: '#/components/schemas/Case',
  })
})

test('an unknown API route is a 404 with no page behind it', async () => {
  await na.get('/api/nothing').expect(404)
})

test.each([
  ['localhost:PORT', 200],
  ['[::1]:PORT', 200],
  ['LOCALHOST:PORT', 200],
  ['localhost', 403],
  ['localhost:1', 403],
  ['elsewhere.example:PORT', 403],
  ['127.0.0.1.elsewhere.example:PORT', 403],
  ['user@localhost:PORT', 403],
  ['', 403],
])('a request addressed to %s: %s', async (host, status) => {
  const { port } = (na.app.getHttpServer() as { address(): { port: number } }).address()
  await na
    .get('/api/fittings')
    .set('Host', host.replace('PORT', String(port)))
    .expect(status)
})
