import type { Case, Put } from '@nimble-anchor/core/casefile'
import type { FamilyView, FittingView, RideView } from '@nimble-anchor/core/formats'
import { goThrough, Rehearsal } from '@nimble-anchor/core/rehearse'
import { staleIn } from '@nimble-anchor/core/match'
import { assess } from '@nimble-anchor/core/verdict'
import { start, type Running } from './harness'

/** What an answer says. */
const body = <T>(answer: { body: unknown }): T => answer.body as T

let na: Running
beforeEach(async () => {
  na = await start({ demo: true })
})
afterEach(() => na.end())

const WHO = 'Jory Quill'
/** Three across a row of the Turnstone, an adult before them. */
const THREE = {
  vehicleId: 'corran-turnstone',
  seats: [
    { childId: 'ada-strand', positionId: 'rear-left', modelId: 'ravel-sheepshank', modeId: 'rearward', routeId: 'isofix-leg', unitId: 'u-sheepshank-1' },
    { childId: 'mabe-strand', positionId: 'rear-centre', modelId: 'fathom-slipknot', modeId: 'cushion', routeId: 'belt', unitId: 'u-slipknot-1' },
    { childId: 'col-strand', positionId: 'rear-right', modelId: 'hitchmark-reef', modeId: 'booster', routeId: 'belt', unitId: 'u-reef-1', isExtraOff: true },
  ],
  adults: [{ id: 'a1', positionId: 'front-left' }],
  installing: ['mabe-strand', 'ada-strand', 'col-strand'],
  loading: [
    { id: 'mabe-strand', past: ['rear-right'] },
    { id: 'ada-strand', past: [] },
    { id: 'col-strand', past: [] },
    { id: 'a1', past: [] },
  ],
  who: WHO,
} // prettier-ignore

const begin = async (asked: object = THREE): Promise<RideView> =>
  body<RideView>(await na.post('/api/rides', asked).expect(201))
const fitting = async (id: string): Promise<FittingView> =>
  body<FittingView>(await na.get(`/api/fittings/${id}`).expect(200))
const idOf = (ride: RideView, childId: string): string => ride.members.find((m) => m.childId === childId)!.id
const enter = async (id: string, puts: readonly Put[], baseSequence?: number) =>
  body<FittingView>(
    await na
      .post(`/api/fittings/${id}/entries`, {
        baseSequence: baseSequence ?? (await fitting(id)).sequence,
        who: WHO,
        puts,
      })
      .expect(200),
  )
const look: Put = { path: ['readings', 'room-beside'], value: { option: 'clear' } }

test('one fitting a child, each at its place, each told of the others and of who goes in first', async () => {
  const ride = await begin()
  expect(ride).toMatchObject({ vehicle: { id: 'corran-turnstone' }, verdict: 'undecided', adults: [{ id: 'a1', positionId: 'front-left' }] }) // prettier-ignore
  expect(ride.members.map((m) => [m.childName, m.positionIds, m.restraintName])).toEqual([
    ['Mabe', ['rear-centre'], 'Fathom Slipknot'],
    ['Ada', ['rear-left'], 'Ravel Sheepshank'],
    ['Col', ['rear-right'], 'Hitchmark Reef'],
  ])
  expect(ride.loading[0]).toEqual({ id: idOf(ride, 'mabe-strand'), past: ['rear-right'] })
  const { case: ada } = await fitting(idOf(ride, 'ada-strand'))
  expect(ada.choice).toMatchObject({ modelId: 'ravel-sheepshank', positionId: 'rear-left', routeId: 'isofix-leg' })
  expect(ada.ride?.others.map((o) => [o.kind, o.positionIds])).toEqual([
    ['child', ['rear-centre']],
    ['child', ['rear-right']],
    ['adult', ['front-left']],
    ['adult', ['driver']],
  ])
  expect(ada.ride?.installedBefore).toEqual([idOf(ride, 'mabe-strand')])
  // Said of what is chosen: of another restraint it would say nothing.
  expect((await fitting(idOf(ride, 'col-strand'))).case.ride?.own).toEqual({ isExtraOff: true, of: { modelId: 'hitchmark-reef', modeId: 'booster', positionId: 'rear-right' } }) // prettier-ignore
  // Told of the cup holder that is off: without it Mabe has room.
  const mabe = (await fitting(idOf(ride, 'mabe-strand'))).case
  expect(mabe.ride?.others.find((o) => o.positionIds.includes('rear-right'))?.widths?.hipBack?.left).toEqual({ lo: 205, hi: 205 }) // prettier-ignore
  // Nobody is named in another child's case.
  expect(JSON.stringify(mabe)).not.toContain('Ada')
})

test('the middle child is stale once the neighbour’s cup holder is on; its own next entry says so too', async () => {
  const ride = await begin()
  const mabeId = idOf(ride, 'mabe-strand')
  await enter(mabeId, [look])
  const seen = await fitting(mabeId)
  expect(staleIn(seen.case).has('room-beside')).toBe(false)
  await enter(idOf(ride, 'col-strand'), [{ path: ['ride', 'own'], value: {} }])
  const after = await fitting(mabeId)
  expect(after.sequence).toBe(seen.sequence + 1)
  expect(staleIn(after.case).get('room-beside')).toBe('beside')
  const room = assess(after.case).findings.find((f) => f.ruleId === 'place-room-beside')
  expect(room).toMatchObject({ kind: 'fail', severity: 'stop' })
  // A look that was made before that, on a phone that had not heard of it, does not count as one made after.
  await na.post(`/api/fittings/${mabeId}/entries`, { baseSequence: seen.sequence, who: 'Brea', puts: [look] }).expect(409) // prettier-ignore
})

test('undo takes back what was done here, and leaves what the others are', async () => {
  const ride = await begin()
  const mabeId = idOf(ride, 'mabe-strand')
  await enter(mabeId, [look])
  await enter(idOf(ride, 'col-strand'), [{ path: ['ride', 'own'], value: {} }])
  const { sequence } = await fitting(mabeId)
  const undone = body<FittingView>(await na.post(`/api/fittings/${mabeId}/undo`, { baseSequence: sequence, who: WHO }).expect(200)) // prettier-ignore
  expect(undone.case.readings['room-beside']).toBeUndefined()
  expect(undone.case.ride?.others.find((o) => o.positionIds.includes('rear-right'))?.widths?.hipBack?.left.hi).toBe(265)
})

test.each<[string, Put]>([
  ['the others', { path: ['ride', 'others'], value: [] }],
  ['the ride', { path: ['ride'], value: null }],
])('no client writes %s', async (_, put) => {
  const ride = await begin()
  const id = idOf(ride, 'ada-strand')
  const { sequence } = await fitting(id)
  const { faults } = body<{ faults: object[] }>(await na.post(`/api/fittings/${id}/entries`, { baseSequence: sequence, who: WHO, puts: [put] }).expect(400)) // prettier-ignore
  expect(faults).toEqual([{ path: '$.puts[0].path', message: 'who rides along is kept by the ride' }])
  expect((await fitting(id)).sequence).toBe(sequence)
})

test.each([299.9, 700.1, '400', null])('an adult %s mm broad is refused, by field; 300 and 700 are not', async (mm) => {
  const adults = [{ id: 'a1', positionId: 'front-left', shoulderBreadthMm: mm }]
  const { faults } = body<{ faults: { path: string }[] }>(await na.post('/api/rides', { ...THREE, adults }).expect(400))
  expect(faults.map((f) => f.path)).toEqual(['$.adults[0].shoulderBreadthMm'])
  for (const good of [300, 700]) {
    const ride = await begin({ ...THREE, adults: [{ id: 'a1', positionId: 'front-left', shoulderBreadthMm: good }] })
    expect(ride.adults).toMatchObject([{ shoulderBreadthMm: good }])
  }
})

test.each<[string, object, string]>([
  [
    'a place used twice',
    { seats: [{ ...THREE.seats[0] }, { ...THREE.seats[1], positionId: 'rear-left' }], installing: [], loading: [] },
    'the place "rear-left" is used twice',
  ],
  [
    'a unit used twice',
    {
      seats: [THREE.seats[0], { ...THREE.seats[0], childId: 'col-strand', positionId: 'rear-right' }],
      installing: [],
      loading: [],
    },
    'the unit "u-sheepshank-1" is used twice',
  ],
  [
    'a child used twice',
    { seats: [THREE.seats[0], { ...THREE.seats[1], childId: 'ada-strand' }], installing: [], loading: [] },
    'the child "ada-strand" is used twice',
  ],
  [
    'a place that is not there',
    { seats: [{ ...THREE.seats[0], positionId: 'roof' }], installing: [], loading: [] },
    'no place "roof" in the vehicle',
  ],
  [
    'a unit of another restraint',
    { seats: [{ ...THREE.seats[0], unitId: 'u-reef-1' }], installing: [], loading: [] },
    'no unit "u-reef-1" of that restraint',
  ],
  [
    'a route of another mode',
    { seats: [{ ...THREE.seats[0], routeId: 'wings' }], installing: [], loading: [] },
    'no route "wings" in that mode',
  ],
  [
    'an adult on a child’s place',
    { adults: [{ id: 'a1', positionId: 'rear-left' }] },
    'the place "rear-left" is used twice',
  ],
  ['an order with a stranger', { installing: ['wren-oxley'] }, 'no child "wren-oxley" in this ride'],
  [
    'an adult with the id of a child',
    { adults: [{ id: 'ada-strand', positionId: 'front-left' }] },
    '"ada-strand" is somebody else of this ride',
  ],
  [
    'a way in past a place that is not there',
    { loading: [{ id: 'ada-strand', past: ['boot'] }] },
    'no place "boot" in the vehicle',
  ],
  ['no car', { vehicleId: 'no-car' }, 'no vehicle "no-car"'],
])('%s is refused by name, and nothing is begun', async (_, over, message) => {
  const before = body<object[]>(await na.get('/api/fittings')).length
  const { faults } = body<{ faults: { message: string }[] }>(await na.post('/api/rides', { ...THREE, ...over }).expect(400)) // prettier-ignore
  expect(faults.map((f) => f.message)).toContain(message)
  expect(body<object[]>(await na.get('/api/fittings'))).toHaveLength(before)
})

test('a child that nobody knows: nothing at all is begun', async () => {
  const before = body<object[]>(await na.get('/api/fittings')).length
  const seats = [THREE.seats[0], { ...THREE.seats[1], childId: 'nobody' }]
  await na.post('/api/rides', { ...THREE, seats, installing: [], loading: [] }).expect(400)
  expect(body<object[]>(await na.get('/api/fittings'))).toHaveLength(before)
})

/** Everything measured, set and seen good in one of a ride, entry by entry. */
async function makeReady(id: string): Promise<FittingView> {
  const view = await fitting(id)
  const rehearsal = new Rehearsal(view.case)
  goThrough(rehearsal, () => 1)
  let at = view.sequence
  for (const { puts } of rehearsal.moves) at = (await enter(id, puts, at)).sequence
  return fitting(id)
}

test('the ride is ready only when all of it is; who was signed before a change beside it is looked at again', async () => {
  const measured = (kg: number, cm: number, shoulder: number, sitting: number): Put[] => [
    { path: ['child', 'sittingHeightMm'], value: { value: sitting, plusMinus: 3, source: 'measured' } },
    { path: ['child', 'massKg'], value: { value: kg, plusMinus: 0.1, source: 'measured' } },
    { path: ['child', 'statureCm'], value: { value: cm, plusMinus: 0.3, source: 'measured' } },
    { path: ['child', 'seatedShoulderHeightMm'], value: { value: shoulder, plusMinus: 3, source: 'measured' } },
  ]
  const ride = await begin()
  const [ada, col, mabe] = ['ada-strand', 'col-strand', 'mabe-strand'].map((c) => idOf(ride, c)) as [string, string, string] // prettier-ignore
  await enter(ada, measured(14.2, 94.5, 335, 550))
  await enter(col, measured(18.6, 109, 378, 600))
  await enter(mabe, measured(31.5, 137, 482, 680))
  const standing = async (): Promise<RideView> => body<RideView>(await na.get(`/api/rides/${ride.id}`).expect(200))
  const verdicts: string[] = []
  for (const id of [ada, col, mabe]) {
    const view = await makeReady(id)
    const { verdict, findings } = assess(view.case)
    const open = findings
      .filter((f) => f.kind !== 'pass' && f.severity !== 'advise')
      .map((f) => `${f.ruleId}: ${f.reason}`)
    expect([verdict, open]).toEqual(['ready', []])
    verdicts.push((await standing()).verdict)
  }
  expect(verdicts).toEqual(['undecided', 'undecided', 'ready'])
  const { sequence } = await fitting(mabe)
  await na.post(`/api/fittings/${mabe}/sign`, { baseSequence: sequence, who: WHO, carerName: 'Maren' }).expect(200)
  expect((await standing()).verdict).toBe('ready')
  await enter(col, [{ path: ['ride', 'own'], value: {} }])
  const after = await standing()
  expect(after.verdict).not.toBe('ready')
  expect(after.members.find((m) => m.id === mabe)).toMatchObject({ isSigned: true, isOutdated: true })
  // Its correction stands in its place, and the others know it there.
  const again = body<FittingView>(await na.post(`/api/fittings/${mabe}/revise`).expect(201))
  const revised = await standing()
  expect(revised.members.map((m) => m.id)).toContain(again.id)
  expect(revised.members.map((m) => m.id)).not.toContain(mabe)
}, 60_000)

test('another car for one of them: its ride is no ride, and nothing stands beside it there', async () => {
  const ride = await begin()
  const ada = idOf(ride, 'ada-strand')
  const { vehicles } = body<{ vehicles: Case['vehicle'][] }>(await na.get('/api/catalogue'))
  await enter(ada, [{ path: ['vehicle'], value: vehicles.find((v) => v!.id === 'corran-knot') }, { path: ['choice'], value: { modelId: 'ravel-sheepshank', modeId: 'rearward', unitId: 'u-sheepshank-1' } }]) // prettier-ignore
  expect((await fitting(ada)).case.ride?.others.filter((o) => o.kind === 'child')).toEqual([])
  expect(body<RideView>(await na.get(`/api/rides/${ride.id}`)).verdict).toBe('another-car')
})

test('a cup holder that was off says nothing of the next restraint: what stands beside it is open again', async () => {
  const ride = await begin()
  const [col, mabe] = [idOf(ride, 'col-strand'), idOf(ride, 'mabe-strand')]
  const { units, models } = body<{ units: { id: string; modelId: string }[]; models: { id: string }[] }>(await na.get('/api/catalogue')) // prettier-ignore
  const wide = { ...(models.find((m) => m.id === 'hitchmark-reef') as object), id: 'reef-2' }
  await enter(col, [
    { path: ['restraints'], value: [wide] },
    { path: ['units'], value: units.filter((u) => u.id === 'u-reef-1').map((u) => ({ ...u, modelId: 'reef-2' })) },
    { path: ['choice'], value: { modelId: 'reef-2', modeId: 'booster', routeId: 'belt', unitId: 'u-reef-1', positionId: 'rear-right' } },
  ]) // prettier-ignore
  const beside = (await fitting(mabe)).case.ride?.others.find((o) => o.positionIds.includes('rear-right'))
  expect(beside?.widths?.hipBack?.left).toEqual({ lo: 265, hi: 265 })
})

test('one of them travels alone: the others are looked at without it', async () => {
  const ride = await begin()
  const [ada, mabe] = [idOf(ride, 'ada-strand'), idOf(ride, 'mabe-strand')]
  await na.delete(`/api/rides/${ride.id}/fittings/${ada}`).send({ who: WHO }).expect(200)
  expect((await fitting(ada)).case.ride).toBeUndefined()
  expect((await fitting(mabe)).case.ride?.others.map((o) => o.positionIds)).toEqual([
    ['rear-right'],
    ['front-left'],
    ['driver'],
  ])
  await na.delete(`/api/rides/${ride.id}/fittings/${ada}`).send({ who: WHO }).expect(404)
  expect(body<RideView>(await na.get(`/api/rides/${ride.id}`)).members).toHaveLength(2)
})

test('exported with the family, and gone with it', async () => {
  const ride = await begin()
  const families = body<{ id: string; name: string }[]>(await na.get('/api/families'))
  const { id, name } = families.find((f) => f.name === 'Strand')!
  const exported = body<{ rides: { id: string }[] }>(await na.get(`/api/families/${id}/export`).expect(200))
  expect(exported.rides.map((r) => r.id)).toEqual([ride.id])
  const { fittings } = body<FamilyView>(await na.get(`/api/families/${id}`))
  expect(fittings.map((f) => f.rideId)).toEqual([ride.id, ride.id, ride.id])
  await na.delete(`/api/families/${id}`).send({ name }).expect(200)
  await na.get(`/api/rides/${ride.id}`).expect(404)
})

test('one sheet for the ride', async () => {
  const ride = await begin()
  const { headers, body: pdf } = await na.get(`/api/rides/${ride.id}/sheet.pdf`).buffer(true).parse((res, done) => { const parts: Buffer[] = []; res.on('data', (p: Buffer) => parts.push(p)); res.on('end', () => done(null, Buffer.concat(parts))) }).expect(200) // prettier-ignore
  expect(headers['content-type']).toContain('application/pdf')
  expect((pdf as Buffer).subarray(0, 5).toString()).toBe('%PDF-')
})

test('kept over a restart', async () => {
  const ride = await begin()
  na = await na.restart()
  expect(body<RideView>(await na.get(`/api/rides/${ride.id}`).expect(200)).members).toHaveLength(3)
})
