import { IsoDate, Sequence } from '../ground/index.ts'
import { buildCase, TODAY } from '../../test/build.ts'
import { aheadFaults, isSlip, putFaults, slipFault, takeable, type Changed, type Put } from './index.ts'

const change = (path: string, from: unknown, to: unknown): Changed => ({ path: path.split('.'), from, to }) as Changed
const mass = { value: 10.4, plusMinus: 0.1, source: 'measured' }
const DAY = change('today', '2026-11-24', TODAY)

test.each([
  ['a note', [change('child.note', null, 'x')], ['child.note']],
  ['the day alone', [DAY], []],
  ['the day, and what was dated by it', [DAY, change('child.massKg', mass, { ...mass, on: IsoDate('2026-11-24') }), change('child.note', null, 'x')], ['child.note']],
  // Without the day moving on, a day on a measure was entered by somebody.
  ['a day put on a measure', [change('child.massKg', mass, { ...mass, on: IsoDate('2026-11-24') })], ['child.massKg']],
  ['a day and another figure', [DAY, change('child.massKg', mass, { ...mass, value: 11, on: IsoDate('2026-11-24') })], ['child.massKg']],
  ['another day', [DAY, change('child.massKg', { ...mass, on: IsoDate('2026-11-20') }, { ...mass, on: IsoDate('2026-11-24') })], ['child.massKg']],
  ['a measure that was not there', [DAY, change('child.massKg', null, { ...mass, on: TODAY })], ['child.massKg']],
  ['a measure taken away', [DAY, change('child.massKg', mass, null)], ['child.massKg']],
  ['a field of the child that is no measure', [DAY, change('child.note', 'x', 'y')], ['child.note']],
  ['what the others of a ride are', [change('ride', null, {}), change('ride.others', [], [{}]), change('disturbances.beside', null, {}), change('disturbances.shared-seat', null, {}), change('ride.own', null, { outsideMm: 440 }), change('disturbances.base', null, {})], ['ride.own', 'disturbances.base']],
  ['a day put on what had one, with the day moving on', [DAY, change('settings.recline', { value: 'r1' }, { value: 'r1', on: TODAY })], ['settings.recline']],
  ['a measure of which only the day is gone', [DAY, change('child.massKg', { ...mass, on: TODAY }, mass)], ['child.massKg']],
  ['what jobs say of units', [change('units', [], [{}]), change('settings.recline', null, { value: 'r1', at: Sequence(2) })], ['settings.recline']],
] as const)('undoing %s takes back %j', (_, changes, paths) => {
  expect(takeable(changes).map((c) => c.path.join('.'))).toEqual(paths)
}) // prettier-ignore

const look = (id: string, slip?: string): Put => ({ path: ['readings', id], value: { option: 'latched', ...(slip !== undefined && { slip }) } }) // prettier-ignore
test('a slip is said by a reading, and by nothing else', () => {
  expect([look('latch-left', 'open'), look('latch-left'), { path: ['readings', 'latch-left'], value: null }, { path: ['settings', 'recline'], value: { value: 'r1', slip: 'r2' } }].map(isSlip)).toEqual([true, false, false, false]) // prettier-ignore
})
const last = { sequence: Sequence(4), who: 'Jory', isUndo: false, changes: [change('readings.latch-left', null, { option: 'open', at: Sequence(4) })] } // prettier-ignore
const entry = { who: 'Jory', baseSequence: Sequence(4), puts: [look('tug-left'), look('latch-left', 'open')] }
const FAULT = { path: '$.puts[1].value.slip', message: 'only the last entry, by the same person, can be corrected as a slip' } // prettier-ignore
test.each([
  ['the last entry, by the same person', {}, {}, undefined],
  ['by another person', { who: 'Maren' }, {}, FAULT],
  ['with something entered since', { baseSequence: Sequence(3) }, {}, FAULT],
  [
    'among other changes of the last entry',
    {},
    { changes: [change('child.note', null, 'x'), change('readings.latch-left', null, {})] },
    undefined,
  ],
  ['of an entry taken back', {}, { isUndo: true }, FAULT],
  ['of another check', {}, { changes: [change('readings.latch-right', null, {})] }, FAULT],
  ['where nothing was put right', { puts: [look('latch-left')] }, { who: 'Maren' }, undefined],
] as const)('a slip: %s', (_, over, before, fault) => {
  expect(slipFault({ ...entry, ...over }, { ...last, ...before } as typeof last)).toEqual(fault)
})
test('a slip where nothing has been entered yet', () => {
  expect(slipFault(entry, undefined)).toEqual(FAULT)
})

test.each([
  [[], []],
  [[{ path: ['today'], value: TODAY }], []],
  [[look('tug-left'), { path: ['today'], value: '2026-11-26' }], [{ path: '$.puts[1].value', message: `must be ${TODAY}, the day on which it is judged` }]],
  [[{ path: ['ride', 'own'], value: {} }, look('tug-left')], []],
  [[{ path: ['ride'], value: {} }], [{ path: '$.puts[0].path', message: 'who rides along is kept by the ride' }]],
  [[look('tug-left'), { path: ['ride', 'others'], value: [] }], [{ path: '$.puts[1].path', message: 'who rides along is kept by the ride' }]],
  [[{ path: ['today'], value: '2026-11-26' }], [{ path: '$.puts[0].value', message: `must be ${TODAY}, the day on which it is judged` }]],
  [[{ path: ['handover'], value: {} }], [{ path: '$.puts', message: 'a fitting is signed through its own call' }]],
  [[{ path: ['handover'], value: null }], [{ path: '$.puts', message: 'a fitting is signed through its own call' }]],
] as const)('%j may be put, or is refused: %j', (puts, faults) => {
  expect(putFaults(puts as readonly Put[], TODAY)).toEqual(faults)
}) // prettier-ignore

const handover = (signedAt: string) => ({ fitterName: 'Jory', carerName: 'Maren', signedAt })
test.each([
  [{}, []],
  [{ today: IsoDate('2026-11-26') }, [{ path: '$.today', message: `must not be after ${TODAY}` }]],
  [{ handover: handover(`${TODAY}T23:59:59Z`) }, []],
  [{ handover: handover('2026-11-26T00:00:00Z') }, [{ path: '$.handover.signedAt', message: `must not be after ${TODAY}` }]],
  [{ choice: { at: Sequence(500_000) } }, []],
  [{ choice: { at: Sequence(500_001) } }, [{ path: '$.choice.at', message: 'no entry of a file may be later than 500000' }]],
])('a file with %j', (over, faults) => {
  expect(aheadFaults({ ...buildCase(), ...over }, TODAY)).toEqual(faults)
}) // prettier-ignore
