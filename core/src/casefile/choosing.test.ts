import {
  buildCase,
  buildMode,
  buildModel,
  buildRoute,
  buildUnit,
  buildVehicle,
  FORWARD,
  TETHER_ROUTE,
} from '../../test/build.ts'
import { ModelId, Sequence, UnitId, VehicleId } from '../ground/index.ts'
import { putsForMode, putsForPlace, putsForVehicle, type Case, type Put } from './index.ts'

const at = Sequence(2)
const SET: Case['settings'] = {
  recline: { value: 'r1', at },
  legNotch: { value: 3, at },
  wedge: { value: false, at } as never,
  vehicleHeadRestraint: { value: 'on', at },
}
const TWO_ROUTES = buildMode({ routes: [buildRoute(), TETHER_ROUTE] })
const MODEL = buildModel([TWO_ROUTES, buildMode(FORWARD)])
const c: Case = { ...buildCase(), restraints: [MODEL], settings: SET }
const cleared = (puts: readonly Put[]): readonly (string | undefined)[] =>
  puts.filter((p) => p.value === null && p.path[0] === 'settings').map((p) => p.path[1])
const valueOf = (puts: readonly Put[], root: string): unknown => puts.find((p) => p.path[0] === root)?.value

test('another mode: settings that stand for the old one go, and no others; its route goes with it', () => {
  const puts = putsForMode(c, MODEL, 'forward', undefined)
  expect(cleared(puts)).toEqual(['recline', 'legNotch', 'wedge'])
  expect(valueOf(puts, 'choice')).toEqual({ modelId: 'halyard', modeId: 'forward', positionId: 'rear-left' })
  expect(puts.some((p) => p.path[0] === 'units')).toBe(false)
})
test('the same mode again: settings and route stay', () => {
  for (const routeId of ['isofix-leg', 'isofix-tether']) {
    const puts = putsForMode({ ...c, choice: { ...c.choice, routeId } }, MODEL, 'rearward', buildUnit())
    expect(cleared(puts)).toEqual([])
    expect(valueOf(puts, 'choice')).toEqual({ modelId: 'halyard', modeId: 'rearward', unitId: 'unit-1', positionId: 'rear-left', routeId }) // prettier-ignore
  }
})
test('the mode of the same name of another restraint is another mode', () => {
  const reef = { ...MODEL, id: ModelId('reef') }
  const puts = putsForMode(c, reef, 'rearward', undefined)
  expect(cleared(puts)).toEqual(['recline', 'legNotch', 'wedge'])
  expect(valueOf(puts, 'choice')).toEqual({ modelId: 'reef', modeId: 'rearward', positionId: 'rear-left' })
})
test('a route that the mode has no longer is not kept; nor a place where none was chosen', () => {
  const gone = { ...c, choice: { modelId: MODEL.id, modeId: 'rearward', routeId: 'belt', at: Sequence(1) } }
  expect(valueOf(putsForMode(gone, MODEL, 'rearward', undefined), 'choice')).toEqual({ modelId: 'halyard', modeId: 'rearward' }) // prettier-ignore
})
test('what is chosen comes last, once, and of too many the first go', () => {
  const others = Array.from({ length: 50 }, (_, i) => ({ ...MODEL, id: ModelId(`m-${i}`) }))
  const full = putsForMode({ ...c, restraints: [MODEL, ...others.slice(1)] }, MODEL, 'rearward', undefined)
  expect((valueOf(full, 'restraints') as { id: string }[]).map((m) => m.id)).toEqual([...others.slice(1).map((m) => m.id), 'halyard']) // prettier-ignore
  const over = putsForMode({ ...c, restraints: others }, MODEL, 'rearward', undefined)
  expect((valueOf(over, 'restraints') as { id: string }[]).map((m) => m.id)).toEqual([...others.slice(1).map((m) => m.id), 'halyard']) // prettier-ignore
  const unit = buildUnit({ id: UnitId('unit-2') })
  expect((valueOf(putsForMode(c, MODEL, 'rearward', unit), 'units') as { id: string }[]).map((u) => u.id)).toEqual(['unit-1', 'unit-2']) // prettier-ignore
})
test('a mode that the restraint has not is an error of whoever asks', () => {
  expect(() => putsForMode(c, MODEL, 'lie-flat', undefined)).toThrow('halyard has no mode "lie-flat"')
})
test('another place: what was set for the old one goes', () => {
  const puts = putsForPlace({ ...c, settings: { ...SET, frontSeatGapMm: { value: { value: 700, plusMinus: 5, source: 'measured' }, at } as never } }, 'rear-right', 'isofix-leg') // prettier-ignore
  expect(cleared(puts)).toEqual(['legNotch', 'frontSeatGapMm', 'vehicleHeadRestraint'])
  expect(valueOf(puts, 'choice')).toMatchObject({ positionId: 'rear-right', routeId: 'isofix-leg', modeId: 'rearward' })
})
test('another car: place and route go too', () => {
  const other = { ...buildVehicle(), id: VehicleId('other') }
  const puts = putsForVehicle(c, other)
  expect(cleared(puts)).toEqual(['legNotch', 'vehicleHeadRestraint'])
  const { positionId: _p, routeId: _r, ...rest } = c.choice
  expect(valueOf(puts, 'choice')).toEqual(rest)
  expect(valueOf(puts, 'vehicle')).toBe(other)
})
