import { fingerprint } from '@nimble-anchor/core/ground'
import { DEFAULT_PRACTICE } from '@nimble-anchor/core/practice'
import { LOCAL_RULES } from '@nimble-anchor/core/law'
import { type Catalogue, type FamilySummary } from '@nimble-anchor/core/formats'
import { start, TODAY, type Running } from './harness'

/** Two people change one thing: the second is told how it stands, and loses nothing. */

let na: Running
let catalogue: Catalogue
beforeAll(async () => {
  na = await start({ demo: true })
  catalogue = (await na.get('/api/catalogue')).body as Catalogue
})
afterAll(() => na.end())

type Doc = Readonly<Record<string, unknown>>
interface Thing {
  /** As both have seen it. */
  readonly seen: Doc
  readonly first: Doc
  readonly second: Doc
  readonly keep: (doc: Doc, ifMatch?: string) => ReturnType<Running['put']>
}

const visit = { day: TODAY, time: '10:20', who: 'Hale', note: '', isWalkIn: false, state: 'expected', childId: null, vehicleId: null, fittingId: null } // prettier-ignore
const send = (asked: ReturnType<Running['put']>, ifMatch?: string) =>
  ifMatch === undefined ? asked : asked.set('If-Match', ifMatch)
const entry = (kind: 'models' | 'units' | 'vehicles', over: readonly [Doc, Doc]): Thing => {
  const seen = catalogue[kind]![0] as unknown as Doc
  return {
    seen,
    first: { ...seen, ...over[0] },
    second: { ...seen, ...over[1] },
    keep: (doc, ifMatch) => send(na.post('/api/catalogue/import', { format: catalogue.format, version: catalogue.version, [kind]: [doc] }), ifMatch), // prettier-ignore
  }
}
const THINGS: Readonly<Record<string, () => Promise<Thing>>> = {
  visit: async () => {
    const { id } = (await na.post('/api/visits', visit).expect(201)).body as { id: string }
    return {
      seen: visit,
      first: { ...visit, time: '11:00' },
      second: { ...visit, note: 'twins' },
      keep: (doc, ifMatch) => send(na.put(`/api/visits/${id}`, doc), ifMatch),
    }
  },
  'name and note of a family': async () => {
    const [family] = (await na.get('/api/families')).body as FamilySummary[]
    const seen = { name: family!.name, note: '' }
    return {
      seen,
      first: { ...seen, note: 'rings before it comes' },
      second: { ...seen, note: 'two cars' },
      keep: (doc, ifMatch) => send(na.put(`/api/families/${family!.id}`, doc), ifMatch),
    }
  },
  'practice profile': async () => {
    const keep: Thing['keep'] = (doc, ifMatch) => send(na.put('/api/practice/profiles/bay', doc), ifMatch)
    const seen = { ...DEFAULT_PRACTICE, id: 'bay' }
    await keep(seen).expect(200)
    return { seen, first: { ...seen, slack: 'pinch' }, second: { ...seen, knees: 'advised' }, keep }
  },
  'local rule': async () => {
    const keep: Thing['keep'] = (doc, ifMatch) => send(na.put('/api/practice/local-rules/here', doc), ifMatch)
    const seen = { ...LOCAL_RULES[0]!, id: 'here' }
    await keep(seen).expect(200)
    return { seen, first: { ...seen, name: 'Here' }, second: { ...seen, r44Use: 'allowed' }, keep }
  },
  model: async () => entry('models', [{ note: 'of theirs' }, { massKg: 9.9, parts: undefined }]),
  unit: async () => entry('units', [{ shelf: 'A' }, { shelf: 'B' }]),
  car: async () => entry('vehicles', [{ plate: 'TH 1' }, { plate: 'TH 2' }]),
}

describe.each(Object.keys(THINGS))('%s', (name) => {
  let thing: Thing
  beforeAll(async () => {
    thing = await THINGS[name]!()
  })
  test('the second is refused with what stands there, and keeps his own only over that', async () => {
    const { seen, first, second, keep } = thing
    await keep(first, `"${fingerprint(seen)}"`).expect(200)
    const refused = await keep(second, fingerprint(seen)).expect(409)
    expect(refused.body.standing).toEqual(JSON.parse(JSON.stringify(first)))
    await keep(second, fingerprint(refused.body.standing)).expect(200)
    await keep(first, fingerprint(first)).expect(409)
  })
  test('without a word of what was seen a change is no change; a file of a catalogue was looked at before', async () => {
    const isFile = ['model', 'unit', 'car'].includes(name)
    await thing.keep(thing.first).expect(isFile ? 200 : 428)
  })
})

test('a new entry is not kept over one that somebody made meanwhile; what was taken away is not brought back', async () => {
  const car = { ...catalogue.vehicles![0]!, id: 'new-car' }
  const keep = (ifMatch: string) => na.post('/api/catalogue/import', { format: catalogue.format, version: catalogue.version, vehicles: [car] }).set('If-Match', ifMatch) // prettier-ignore
  await keep('*').expect(200)
  expect((await keep('*').expect(409)).body.standing).toMatchObject({ id: 'new-car' })
  await na.delete('/api/catalogue/vehicles/new-car').expect(204)
  await keep(fingerprint(car)).expect(409)
})
test('a file of many says of none what was seen', async () => {
  const [a, b] = catalogue.vehicles!
  const file = { format: catalogue.format, version: catalogue.version, vehicles: [a, b] }
  const { body } = await na.post('/api/catalogue/import', file).set('If-Match', fingerprint(a)).expect(400)
  expect(body.faults[0].message).toContain('one entry alone')
})
test('anybody is told a fingerprint', async () => {
  expect((await na.post('/api/fingerprint', visit).expect(200)).body).toEqual({ fingerprint: fingerprint(visit) })
})
