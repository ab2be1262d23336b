import { IsoDate, Sequence, VehicleId } from '../ground/index.ts'
import { buildCase, buildVehicle } from '../../test/build.ts'
import { compareCases, measured, type Case } from '../index.ts'

const signed = buildCase({ settings: { recline: { value: 'r1', at: Sequence(2) } } })
const paths = (later: Case): string[] => compareCases(signed, later).map((c) => c.path.join('.'))

test('the same case, entered again in another order, says nothing otherwise', () => {
  expect(paths(signed)).toEqual([])
  expect(paths({ ...signed, settings: { recline: { at: Sequence(9), value: 'r1' } } })).toEqual([])
})

test('what is not there and what is taken away say the same; a former value and another order say nothing', () => {
  expect(paths({ ...signed, child: { note: undefined, ...signed.child } })).toEqual([])
  expect(paths({ ...signed, settings: { recline: { value: 'r1', was: 'r2', at: Sequence(2) } } as never })).toEqual([])
  const turned = Object.fromEntries(Object.entries(signed.practice).toReversed()) as Case['practice']
  expect(paths({ ...signed, practice: turned })).toEqual([])
  const settled = { ...signed, settings: { insertsIn: { value: ['a', 'b'], at: Sequence(2) } } } as Case
  expect(compareCases(settled, { ...settled, settings: { insertsIn: { value: ['b', 'a'], at: Sequence(2) } } })).toHaveLength(1) // prettier-ignore
})
test('each says both, and nothing where there was nothing', () => {
  const note = compareCases(signed, { ...signed, child: { ...signed.child, note: 'sings' } })
  expect(note).toEqual([{ path: ['child', 'note'], from: null, to: 'sings' }])
  expect(compareCases({ ...signed, child: { ...signed.child, note: 'sings' } }, signed)).toEqual([
    { path: ['child', 'note'], from: 'sings', to: null },
  ])
})

test.each<[string, Case]>([
  ['child.massKg', { ...signed, child: { ...signed.child, massKg: measured(11) } }],
  ['settings.recline', { ...signed, settings: { recline: { value: 'r2', at: Sequence(2) } } }],
  ['settings.recline', { ...signed, settings: {} }],
  ['readings.tug-left', { ...signed, readings: { 'tug-left': { option: 'held', at: Sequence(3) } } }],
  ['today', { ...signed, today: IsoDate('2026-12-01') }],
  ['choice', { ...signed, choice: { ...signed.choice, routeId: undefined } }],
  ['localRule', { ...signed, localRule: { ...signed.localRule, name: 'another' } }],
  ['stepsDone.prepare', { ...signed, stepsDone: { prepare: { at: Sequence(3) } } }],
  ['practice', { ...signed, practice: { ...signed.practice, slack: 'pinch' } }],
])('%s is found', (path, later) => expect(paths(later)).toEqual([path]))

test('facts of a place one by one, another car as a whole', () => {
  const place = signed.vehicle?.positions[0]
  if (!place) throw new Error('the car has a place')
  expect(paths({ ...signed, vehicle: buildVehicle([{ ...place, floor: { kind: 'box-not-allowed' } }]) })).toEqual([
    'vehicle.rear-left.floor',
  ])
  expect(paths({ ...signed, vehicle: { ...buildVehicle(), id: VehicleId('other') } })).toEqual(['vehicle'])
})
