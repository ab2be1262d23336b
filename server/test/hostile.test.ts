import { execFile } from 'node:child_process'
import { connect, type AddressInfo } from 'node:net'
import { join } from 'node:path'
import { buildCase } from '@nimble-anchor/core/testing'
import { Logger } from '@nestjs/common'
import { BeginFitting } from '../src/fittings/commands/begin'
import { oddityIn } from '../src/http/door'
import { withoutValues } from '../src/http/failures'
import { start, TODAY, type Running } from './harness'

/** What a hostile or broken client sends: refused by name, never a failure, and nothing stands still behind it. */

let na: Running
beforeAll(async () => {
  na = await start({ demo: true })
})
afterAll(() => na.end())

const nested = (depth: number, [open, close]: readonly [string, string] = ['[', ']']): string =>
  open.repeat(depth) + (open === '[' ? '' : '1') + close.repeat(depth)
const c = JSON.parse(JSON.stringify(buildCase())) as ReturnType<typeof buildCase>
const WRITES = ['fittings', 'fittings/import', 'assess', 'catalogue/import', 'visits', 'jobs']

describe('bodies of no format', () => {
  test.each([
    [nested(31), undefined],
    [nested(33), 'is nested deeper than 32'],
    [nested(2000), 'is nested deeper than 32'],
    [nested(200_000), 'is nested deeper than 32'],
    [nested(2000, ['{"a":', '}']), 'is nested deeper than 32'],
    ['{"id":{"toString":1}}', 'is not a known field'],
    ['[{"__proto__":{}}]', 'is not a known field'],
    ['{"a":{"constructor":{"prototype":1}}}', 'is not a known field'],
    ['{"a":"toString"}', undefined],
  ])('oddity %#', (text, message) => expect(oddityIn(JSON.parse(text))?.message).toBe(message))

  test.each(WRITES)('nested 2,000 deep to %s', async (path) => {
    const { body } = await na.post(`/api/${path}`, nested(2000)).expect(400)
    expect(body.faults[0].message).toBe('is nested deeper than 32')
  })
  test.each(WRITES)('a text that is no text to %s', async (path) => {
    const { body } = await na.post(`/api/${path}`, '{"id":{"toString":1}}').expect(400)
    expect(body.faults).toEqual([{ path: '$.id.toString', message: 'is not a known field' }])
  })
  test.each([[[[]]], [['x']], [[null]], [[{ path: ['child'], value: [] }, []]]])('puts %j', async (puts) => {
    const { body: f } = await na.post('/api/fittings', { childId: 'tamsin-hale' }).expect(201)
    const { body } = await na.post(`/api/fittings/${f.id}/entries`, { baseSequence: 0, who: 'x', puts }).expect(400)
    expect(body.faults[0].path).toMatch(/^\$\.puts/)
  })
})

describe('days and orders of entry at the end of the world', () => {
  test.each(['0000-01-01', '1899-12-31', '2101-01-01', '9999-12-31', '2026-99-99'])('%s', async (day) => {
    const { body: f } = await na.post('/api/fittings', { childId: 'tamsin-hale' }).expect(201)
    const enter = (path: string[], value: unknown) =>
      na.post(`/api/fittings/${f.id}/entries`, { baseSequence: 0, who: 'x', puts: [{ path, value }] })
    await enter(['child', 'dateOfBirth'], day).expect(400)
    await enter(['child', 'massKg'], { value: 10, source: 'measured', on: day }).expect(400)
    await na.post('/api/assess', { ...c, today: day }).expect(400)
    await na.post('/api/fittings/import', { ...c, today: day }).expect(400)
    await na.get(`/api/logbook?from=${day}`).expect(400)
  })
  test('a child born in 1900 is outgrown, and everything about it still answers', async () => {
    const { body: f } = await na.post('/api/fittings/import?child=new', { ...c, child: { ...c.child, dateOfBirth: '1900-01-01' } }).expect(201) // prettier-ignore
    for (const path of ['', '/ahead', '/history', '/case', '/sheet.pdf'])
      await na.get(`/api/fittings/${f.id}${path}`).expect(200)
  })
  test.each([
    [{ today: '2026-11-26' }, '$.today'],
    [{ today: '2036-01-01' }, '$.today'],
    [{ choice: { ...c.choice, at: 1_000_000 } }, '$.choice.at'],
    [{ choice: { ...c.choice, at: 500_001 } }, '$.choice.at'],
    [{ handover: { fitterName: 'a', carerName: 'b', signedAt: '2026-11-26T00:00:00Z' } }, '$.handover.signedAt'],
  ])('a case file with %j comes in never', async (over, path) => {
    const { body } = await na.post('/api/fittings/import?child=new', { ...c, ...over }).expect(400)
    expect(body.faults[0].path).toBe(path)
  })
  test('at the last order that may come in, entries go on', async () => {
    const { body: f } = await na.post('/api/fittings/import?child=new', { ...c, choice: { ...c.choice, at: 500_000 } }).expect(201) // prettier-ignore
    const puts = [{ path: ['settings', 'strapHeightMm'], value: { value: 300 } }]
    await na.post(`/api/fittings/${f.id}/entries`, { baseSequence: f.sequence, who: 'x', puts }).expect(200)
  })
})

describe('whoever asks', () => {
  const port = () => (na.app.getHttpServer().address() as AddressInfo).port
  test.each([
    ['http://elsewhere.example', 403],
    ['null', 403],
    ['http://127.0.0.1:1', 403],
    ['https://127.0.0.1', 403],
    ['own', 400],
    [undefined, 400],
  ])('a write from origin %s: %s', async (origin, status) => {
    const asked = na.post('/api/visits', {})
    await (origin === undefined ? asked : asked.set('Origin', origin === 'own' ? `http://127.0.0.1:${port()}` : origin)).expect(status) // prettier-ignore
  })
  test.each(['put', 'delete'] as const)('%s from elsewhere', async (method) => {
    await na[method]('/api/visits/none', {}).set('Origin', 'http://elsewhere.example').expect(403)
  })
  test.each([
    ['cross-site', 403],
    ['same-site', 403],
    ['same-origin', 400],
    ['none', 400],
  ])('without an origin, from a %s page: %s', (site, status) =>
    na.post('/api/visits', {}).set('Sec-Fetch-Site', site).expect(status),
  )
  test('reading is for this machine by its own name, and by one name', async () => {
    await na.get('/api/health').set('Host', 'rebound.example').expect(403)
    const answer = await new Promise<string>((resolve) => {
      const socket = connect(
        port(),
        '127.0.0.1',
        () =>
        socket.write(`GET /api/health HTTP/1.1\r\nHost: 127.0.0.1:${port()}\r\nHost: rebound.example\r\nConnection: close\r\n\r\n`), // prettier-ignore
      )
      let text = ''
      socket.on('data', (chunk) => (text += chunk.toString()))
      socket.on('end', () => resolve(text))
    })
    expect(answer).toMatch(/^HTTP\/1\.1 400 /)
  })
})

describe('what is logged', () => {
  test('a failure, by its kind and place, never by what it was about', () => {
    const error = new RangeError('Tamsin Hale, 10.4 kg')
    const said = withoutValues(error)
    expect(said).toMatch(/^RangeError\n\s+at /)
    expect(said).not.toContain('Tamsin')
    expect(withoutValues('Tamsin')).toBe('thrown: string')
    expect(withoutValues(Object.assign(new Error('Tamsin'), { code: 'SQLITE_FULL' }))).toMatch(/^Error SQLITE_FULL\n/)
  })
  test('an unforeseen failure is a 500 that says so; the log holds nothing of it', async () => {
    const lines: string[] = []
    const spy = jest.spyOn(Logger.prototype, 'error').mockImplementation((line: unknown) => void lines.push(String(line))) // prettier-ignore
    const broken = jest.spyOn(na.app.get(BeginFitting), 'run').mockImplementation(() => {
      throw new Error('no such column for Tamsin Hale')
    })
    const { body } = await na.post('/api/fittings', { childId: 'tamsin-hale' }).expect(500)
    expect(body.message).toContain('Nothing of this was saved')
    expect(lines.join('\n')).toContain('POST /api/fittings')
    expect(lines.join('\n')).not.toMatch(/Tamsin|no such column/)
    spy.mockRestore()
    broken.mockRestore()
  })
})

test.each([
  [['--nonsense'], "Unknown option '--nonsense'"],
  [['--today', '2026-99-99'], '--today must be a day'],
  [['--port', '0'], '--port must be a whole number'],
])('started with %j: refused in a sentence', async (args, message) => {
  const main = join(__dirname, '../dist/main.js')
  const { code, stderr } = await new Promise<{ code: unknown; stderr: string }>((resolve) =>
    execFile(process.execPath, [main, ...args], (error, _out, err) => resolve({ code: error?.code, stderr: err })),
  )
  expect(code).toBe(2)
  expect(stderr).toContain(message)
  expect(stderr.trim().split('\n')).toHaveLength(1)
})

test('a clock that stands ten years ahead for a day or two takes no booking away; three days of use later last month’s go', async () => {
  const visit = { day: TODAY, time: '10:20', who: 'Hale', note: '', isWalkIn: false, state: 'expected', childId: null, vehicleId: null, fittingId: null } // prettier-ignore
  let bay = await start()
  const queue = async () => ((await bay.get('/api/day')).body as { visits: object[] }).visits.length
  const book = (day: string) => bay.post('/api/visits', { ...visit, day }).expect(201)
  await book(TODAY)
  bay = await bay.restart('2036-11-25')
  await book('2036-11-25')
  bay = await bay.restart('2036-11-26')
  await book('2036-11-26')
  bay = await bay.restart(TODAY)
  expect(await queue()).toBe(1)
  await book(TODAY)
  for (const day of ['2027-01-04', '2027-01-05', '2027-01-06']) {
    bay = await bay.restart(day)
    await book(day)
  }
  bay = await bay.restart(TODAY)
  expect(await queue()).toBe(0)
  await bay.end()
})
