import { IsoDate, ModelId, UnitId, VehicleId } from '@nimble-anchor/core/ground'
import type { Arrangement } from '@nimble-anchor/core/arrange'
import { arrangeRequestSchema } from '@nimble-anchor/core/arrange'
import type { Catalogue, PracticeBook, VisitView } from '@nimble-anchor/core/formats'
import { DEFAULT_LOCAL_RULE } from '@nimble-anchor/core/law'
import { DEFAULT_PRACTICE } from '@nimble-anchor/core/practice'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { askedIn, beginningOf, namesOf, NOTHING_ASKED, requestOf, textOf, type Asked, type Known } from './question.ts'
import { letGo, seatedAt } from './RiderMenu.tsx'

const demo = (file: string): Catalogue =>
  JSON.parse(readFileSync(join(__dirname, '../../../demo', file), 'utf8')) as Catalogue
const restraints = demo('restraints.json')
const book: PracticeBook = {
  profiles: [DEFAULT_PRACTICE],
  localRules: [DEFAULT_LOCAL_RULE],
  profileId: DEFAULT_PRACTICE.id,
  localRuleId: DEFAULT_LOCAL_RULE.id,
}
const known: Known = {
  today: IsoDate('2026-11-24'),
  children: demo('families.json').children!.filter((c) => c.familyName === 'Strand'),
  catalogue: { ...restraints, vehicles: demo('pool-cars.json').vehicles! },
  book,
}
const cars = known.catalogue.vehicles!
const ASKED: Asked = {
  ...NOTHING_ASKED,
  vehicleId: VehicleId('corran-turnstone'),
  adults: [{ id: 'a1', positionId: 'front-left', shoulderBreadthMm: 480 }],
  pins: [
    { kind: 'child-at', childId: 'ada-strand', positionId: 'rear-left', vehicleId: VehicleId('corran-turnstone') },
  ],
  wishes: [{ kind: 'restraint-for', childId: 'col-strand', modelId: ModelId('hitchmark-reef') }],
  taken: [{ vehicleId: VehicleId('corran-turnstone'), positionId: 'rear-centre' }],
  extrasOff: ['hitchmark-reef'],
  ownedUnitIds: [UnitId('u-reef-1')],
  atHome: ['mabe-strand'],
}

test('an address says what was asked, and nothing of it names anybody', () => {
  const text = textOf(ASKED)
  expect(askedIn(text)).toEqual(ASKED)
  expect(text).not.toMatch(/"name"|Ada|Strand"/)
  expect(textOf(NOTHING_ASKED)).toBe('{}')
})

test.each([
  [null],
  ['not json'],
  ['[]'],
  ['null'],
  ['7'],
  ['{"pins":[{"kind":"child-at"}],"adults":[{"positionId":7}],"taken":["x"],"atHome":[1],"vehicleId":3}'],
  ['{"pins":{"a":1},"adults":"x"}'],
])('what is not what it should be is not asked: %s', (text) => {
  expect(askedIn(text)).toEqual(NOTHING_ASKED)
})

test('the question holds together whatever was asked of it', () => {
  const one = requestOf(ASKED, known, [cars.find((v) => v.id === 'corran-turnstone')!])
  expect(arrangeRequestSchema.safeParse(one).error?.issues).toBeUndefined()
  expect(one.children.map((c) => c.id)).toEqual(['ada-strand', 'col-strand'])
  expect(one.extrasOff).toEqual(['u-reef-1'])
  // In another car a place of this one is not asked for.
  const other = requestOf(ASKED, known, [cars.find((v) => v.id === 'corran-sanderling')!])
  expect(arrangeRequestSchema.safeParse(other).error?.issues).toBeUndefined()
  expect([other.pins, other.taken]).toEqual([[], []])
  const pool = requestOf(ASKED, known, cars)
  expect(arrangeRequestSchema.safeParse(pool).error?.issues).toBeUndefined()
})

test('a pin of a child who stays at home is not asked, and is there again once they ride', () => {
  const asked = { ...ASKED, atHome: ['ada-strand'] }
  expect(requestOf(asked, known, cars).pins).toEqual([])
  expect(requestOf({ ...asked, atHome: [] }, known, cars).pins).toEqual(ASKED.pins)
})

test('everything is called by its name', () => {
  const names = namesOf(ASKED, known)
  expect([names.rider('ada-strand'), names.rider('a1'), names.rider('driver')]).toEqual(['Ada', 'Adult', 'Driver'])
  expect(names.place(VehicleId('corran-turnstone'), 'rear-left')).toBe('Rear left')
  expect(names.pin(0)).toBe('Ada at Rear left')
})

test('carried to a place: one pin a child, whatever was pinned before; let go, none', () => {
  const there = seatedAt(ASKED, 'ada-strand', VehicleId('corran-turnstone'), 'rear-right')
  expect(there.pins).toEqual([{ kind: 'child-at', childId: 'ada-strand', positionId: 'rear-right', vehicleId: VehicleId('corran-turnstone') }]) // prettier-ignore
  expect(letGo(there, 'ada-strand').pins).toEqual([])
  expect(seatedAt(ASKED, 'a1', VehicleId('corran-turnstone'), 'rear-right').adults[0]?.positionId).toBe('rear-right')
  expect(letGo(ASKED, 'a1').adults[0]?.positionId).toBeUndefined()
})

test('begun: a fitting for each child in a restraint; one on the belt alone rides unnamed', () => {
  const seat = (childId: string, positionId: string, modelId?: ModelId) => ({
    childId,
    positionId,
    ...(modelId !== undefined && { modelId, modeId: 'booster', routeId: 'belt', unitId: UnitId('u-reef-1') }),
    rearwardMonths: 0,
    harnessMonths: 0,
    rearwardMonthsLost: 0,
    harnessMonthsLost: 0,
  })
  const arrangement = {
    vehicleId: VehicleId('corran-turnstone'),
    seats: [seat('col-strand', 'rear-left', ModelId('hitchmark-reef')), seat('mabe-strand', 'rear-right')],
    adults: [{ adultId: 'a1', positionId: 'front-left' }],
    levels: {},
    facts: [],
    rows: [],
    installing: ['col-strand'],
    loading: [
      { riderId: 'col-strand', past: [] },
      { riderId: 'mabe-strand', past: ['rear-left'] },
      { riderId: 'a1', past: [] },
    ],
  } as unknown as Arrangement
  const visits = [{ id: 'v1', childId: 'col-strand', fitting: null }] as unknown as VisitView[]
  expect(beginningOf(arrangement, ASKED, visits, 'Jory')).toEqual({
    vehicleId: VehicleId('corran-turnstone'),
    seats: [{ childId: 'col-strand', positionId: 'rear-left', modelId: ModelId('hitchmark-reef'), modeId: 'booster', routeId: 'belt', unitId: UnitId('u-reef-1'), isExtraOff: true, visitId: 'v1' }],
    adults: [
      { id: 'a1', positionId: 'front-left', shoulderBreadthMm: 480 },
      { id: 'on-seat-1', positionId: 'rear-right', isChild: true },
    ],
    installing: ['col-strand'],
    loading: [
      { id: 'col-strand', past: [] },
      { id: 'on-seat-1', past: ['rear-left'] },
      { id: 'a1', past: [] },
    ],
    who: 'Jory',
  }) // prettier-ignore
})
