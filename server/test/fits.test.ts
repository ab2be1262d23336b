import { start, type Running } from './harness'

let na: Running
beforeAll(async () => {
  na = await start({ demo: true })
})
afterAll(() => na.end())

const LONG = 'x'.repeat(121)
const visit = { day: '2026-11-25', time: '10:20', who: 'Hale', note: '', isWalkIn: false, state: 'expected', childId: null, vehicleId: null, fittingId: null } // prettier-ignore
const begin = async (): Promise<string> => ((await na.post('/api/fittings', { childId: 'tamsin-hale' })).body as { id: string }).id // prettier-ignore
const faultsOf = (body: unknown) => (body as { faults: { path: string; message: string }[] }).faults

test.each(['', ' ', '\t\n', LONG, 5, null, {}, ['Jory']])('a name of %j is nobody’s: the field is named, and nothing stored', async (who) => {
  const id = await begin()
  const puts = [{ path: ['child', 'note'], value: 'x' }]
  const answers = await Promise.all([
    na.post(`/api/fittings/${id}/entries`, { baseSequence: 0, who, puts }),
    na.post(`/api/fittings/${id}/undo`, { baseSequence: 0, who }),
    na.post('/api/visits', { ...visit, who }),
    na.post('/api/jobs', { unitId: 'u-sheepshank-1', kind: 'wash', who }),
  ])
  for (const { status, body } of answers) {
    expect(status).toBe(400)
    expect(faultsOf(body).map((f) => f.path)).toContain('$.who')
    expect(faultsOf(body).every((f) => f.message.startsWith('must '))).toBe(true)
  }
  expect(((await na.get(`/api/fittings/${id}/history`)).body as unknown[]).length).toBe(0)
}) // prettier-ignore
test('blanks around a name are not part of it', async () => {
  const id = await begin()
  await na.post(`/api/fittings/${id}/entries`, { baseSequence: 0, who: '  Jory Quill ', puts: [{ path: ['child', 'note'], value: 'x' }] }).expect(200) // prettier-ignore
  expect((await na.get(`/api/fittings/${id}/history`)).body).toMatchObject([{ who: 'Jory Quill' }])
})
test.each([
  [{ childId: 'Tamsin Hale' }, '$.childId', 'must be the id of a child'],
  [{ childId: '' }, '$.childId', 'must be the id of a child'],
  [{ childId: 'tamsin-hale', vehicleId: '../x' }, '$.vehicleId', 'must be the id of a vehicle'],
  [{ newChild: { name: ' ' } }, '$.newChild.name', 'must hold at least 1 character'],
  [{ newChild: { name: LONG } }, '$.newChild.name', 'must hold at most 120 characters'],
])('begun with %j: %s %s', async (body, path, message) => {
  const answer = await na.post('/api/fittings', body).expect(400)
  expect(faultsOf(answer.body)).toEqual([{ path, message }])
})
test.each(
  [
    ['M10 20', undefined],
    ['M10 20L30 40M1 1', undefined],
    ['', 'must be strokes as "M10 20L30 40…"'],
    ['M10,20', 'must be strokes as "M10 20L30 40…"'],
    [`M10 20${'L30 40'.repeat(2001)}`, 'must hold at most 12000 characters'],
  ].map(([strokes, message]) => [strokes?.length, message, strokes] as const),
)('strokes of %i signs: %s', async (_n, message, strokes) => {
  const id = await begin()
  const answer = await na.post(`/api/fittings/${id}/sign`, { baseSequence: 0, who: 'Jory', carerName: 'Maren', fitterStrokes: strokes }) // prettier-ignore
  expect(answer.status).toBe(message === undefined ? 409 : 400)
  if (message !== undefined) expect(faultsOf(answer.body)).toEqual([{ path: '$.fitterStrokes', message }])
})
