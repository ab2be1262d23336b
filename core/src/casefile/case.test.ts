import { buildCase, buildModel, buildMode, buildUnit, buildVehicle, TODAY } from '../../test/build.ts'
import { inRide, other } from '../../test/ride.ts'
import { measured } from '../index.ts'
import { faultText, IsoDate, ModelId, parseWith, Sequence, UnitId } from '../ground/index.ts'
import { DATED_MEASURES, parseChanged } from './case.ts'
import { caseSchema, chosenIn, type Case } from './index.ts'

const faultsOf = (data: unknown): readonly string[] => {
  const parsed = parseWith(caseSchema, data)
  return parsed.ok ? [] : parsed.error.map(faultText)
}
/** The same, as one entry that wrote it would hear it. */
const heardOf = (before: Case, after: Case): readonly string[] => {
  const parsed = parseChanged(before, after)
  return parsed.ok ? [] : parsed.error.map(faultText)
}
const good = buildCase()
const TOMORROW = IsoDate('2026-11-26')
const SHELL = buildUnit()
const BASE = buildUnit({ id: UnitId('base-1') })
const choosing = (over: Partial<Case['choice']>, more: Partial<Case> = {}): Case => ({
  ...good,
  ...more,
  choice: { ...good.choice, ...over },
})
const FULL = buildCase({
  mode: {
    inserts: [
      { id: 'newborn', name: 'Newborn insert', thicknessMm: 20 },
      { id: 'hip', name: 'Hip insert', thicknessMm: 10 },
    ],
  },
})
const set = (settings: Case['settings'], c: Case = good): Case => ({ ...c, settings })
const at = Sequence(2)

describe('what must hold between the fields of a case', () => {
  test.each<[string, Case, readonly string[]]>([
    ['as built', good, []],
    ['born today', { ...good, child: { ...good.child, dateOfBirth: TODAY } }, []],
    ['advice of today', { ...good, child: { ...good.child, advice: { on: TODAY, by: 'Dr Ley', role: 'neonatal', outcome: 'lie-flat-only' } } }, []],
    ['advice of tomorrow', { ...good, child: { ...good.child, advice: { on: TOMORROW, by: 'Dr Ley', role: 'neonatal', outcome: 'lie-flat-only' } } }, ['$.child.advice.on must not be after 2026-11-25']],
    ['a unit made today', { ...good, units: [buildUnit({ madeOn: TODAY })] }, []],
    ['a unit whose day is not known', { ...good, units: [buildUnit({ madeOn: undefined })] }, []],
    ['a unit made tomorrow', { ...good, units: [SHELL, buildUnit({ id: UnitId('x'), madeOn: TOMORROW })] }, ['$.units[1].madeOn must not be after 2026-11-25']],
    ['a base that is there', choosing({ baseUnitId: BASE.id }, { units: [SHELL, BASE] }), []],
    ['a base that is not there', choosing({ baseUnitId: BASE.id }), ['$.choice.baseUnitId no unit "base-1" in this case']],
    ['a base of another restraint', choosing({ baseUnitId: BASE.id }, { units: [SHELL, { ...BASE, modelId: ModelId('reef') }] }), ['$.choice.baseUnitId unit "base-1" is a "reef", not a "halyard"']],
    ['a base before any restraint is chosen', choosing({ baseUnitId: BASE.id, modelId: undefined, modeId: undefined, routeId: undefined }, { units: [SHELL, { ...BASE, modelId: ModelId('reef') }] }), []],
    ['the shell as its own base', choosing({ baseUnitId: SHELL.id }), ['$.choice.baseUnitId must be another unit than the shell']],
    ['a restraint that is not there', choosing({ modelId: ModelId('reef'), modeId: undefined, routeId: undefined, unitId: undefined }), ['$.choice.modelId no restraint "reef" in this case']],
    ['a unit that is not there', choosing({ unitId: UnitId('unit-2') }), ['$.choice.unitId no unit "unit-2" in this case']],
    ['a unit of another restraint', { ...good, units: [{ ...SHELL, modelId: ModelId('reef') }] }, ['$.choice.unitId unit "unit-1" is a "reef", not a "halyard"']],
    ['a mode of another restraint', choosing({ modeId: 'forward', routeId: undefined }), ['$.choice.modeId no mode "forward" in the chosen restraint']],
    ['a route of another mode', choosing({ routeId: 'belt' }), ['$.choice.routeId no route "belt" in the chosen mode']],
    ['a route without a mode', choosing({ modeId: undefined }), ['$.choice.routeId no route "isofix-leg" in the chosen mode']],
    ['a place of another car', choosing({ positionId: 'rear-right' }), ['$.choice.positionId no place "rear-right" in the vehicle']],
    ['a place without a car', { ...good, vehicle: undefined }, ['$.choice.positionId no place "rear-left" in the vehicle']],
    ['a recline of the mode', set({ recline: { value: 'r2', at } }), []],
    ['a recline of another mode', set({ recline: { value: 'r3', at } }), ['$.settings.recline.value the mode has no recline "r3"']],
    ['an insert of the mode', set({ insertsIn: { value: ['hip', 'newborn'], at } }, FULL), []],
    ['an insert of another mode', set({ insertsIn: { value: ['hip', 'wedge-pad'], at } }, FULL), ['$.settings.insertsIn.value[1] the mode has no insert "wedge-pad"']],
    ['the last notch', set({ legNotch: { value: 19, at } }), []],
    ['a notch after the last', set({ legNotch: { value: 20, at } }), ['$.settings.legNotch.value must be at most 19, the leg\'s last notch']],
  ])('%s', (_, c, faults) => {
    expect(faultsOf(JSON.parse(JSON.stringify(c)))).toEqual(faults)
    expect(heardOf(good, c)).toEqual(faults)
  }) // prettier-ignore

  test.each(DATED_MEASURES)('%s taken today may be, tomorrow not', (field) => {
    const on = (day: IsoDate): Case => ({
      ...good,
      child: { ...good.child, [field]: { ...measured(field === 'statureCm' ? 79 : field.endsWith('Mm') ? 300 : 5, 1), on: day } },
    }) // prettier-ignore
    expect(faultsOf(on(TODAY))).toEqual([])
    expect(faultsOf(on(TOMORROW))).toEqual([`$.child.${field}.on must not be after 2026-11-25`])
  })
})

describe('what is chosen is found among others', () => {
  const OTHER = buildModel([buildMode({ id: 'rearward' })], { id: ModelId('reef') })
  const c: Case = {
    ...good,
    restraints: [OTHER, buildModel([buildMode({ id: 'other' }), ...good.restraints[0]!.modes])],
    units: [buildUnit({ id: UnitId('unit-0') }), BASE, SHELL],
    vehicle: buildVehicle([{ ...good.vehicle!.positions[0]!, id: 'rear-right' }, good.vehicle!.positions[0]!]),
    choice: { ...good.choice, baseUnitId: BASE.id },
  }
  test('each by its id', () => {
    expect(faultsOf(c)).toEqual([])
    const { model, unit, baseUnit, mode, route, position } = chosenIn(c)
    expect([model?.id, unit?.id, baseUnit?.id, mode?.id, route?.id, position?.id]).toEqual([
      'halyard', 'unit-1', 'base-1', 'rearward', 'isofix-leg', 'rear-left',
    ]) // prettier-ignore
  })
  test('nothing is chosen: nothing is found', () => {
    expect(chosenIn({ ...c, choice: { at: Sequence(1) } })).toEqual({
      model: undefined, unit: undefined, baseUnit: undefined, mode: undefined, route: undefined, position: undefined,
    }) // prettier-ignore
  })
})

describe('a signature drawn by hand', () => {
  const signed = (fitterStrokes: string): readonly string[] =>
    faultsOf({ ...good, handover: { fitterName: 'Jory', carerName: 'Maren', signedAt: '2026-11-25T10:00:00Z', fitterStrokes } }) // prettier-ignore
  const FAULT = ['$.handover.fitterStrokes must be strokes as "M10 20L30 40…"']
  test.each([
    ['M10 20', []],
    ['M1 2L300 100L0 0', []],
    ['M10 20L30 40M100 50L200 60', []],
    ['', FAULT],
    ['10 20', FAULT],
    ['xM10 20', FAULT],
    ['M10 20x', FAULT],
    ['M1000 20', FAULT],
    ['M10 2000', FAULT],
    ['Ma b', FAULT],
    ['M10 20L1000 20', FAULT],
    ['M10 20L10 2000', FAULT],
    ['M10 20La 20', FAULT],
    ['M10 20L20 b', FAULT],
  ])('%j: %j', (strokes, faults) => expect(signed(strokes)).toEqual(faults))
  test('at most 12,000 characters', () => {
    const long = 'M10 20'.repeat(2000)
    expect([signed(long), signed(`${long}M1 2`)]).toEqual([[], ['$.handover.fitterStrokes must hold at most 12000 characters']]) // prettier-ignore
  })
  test.each([
    [{ reason: 'in a hurry', said: ' not safe ' }, []],
    [{ reason: '  ', said: 'x' }, ['$.handover.againstAdvice.reason must hold at least 1 character']],
    [{ reason: 'x'.repeat(500), said: 'x' }, []],
    [{ reason: 'x'.repeat(501), said: 'x' }, ['$.handover.againstAdvice.reason must hold at most 500 characters']],
    [{ reason: 'x' }, ['$.handover.againstAdvice.said is missing; must be text']],
  ])('left against advice: %#', (againstAdvice, faults) => {
    const handover = { fitterName: 'Jory', carerName: 'Maren', signedAt: '2026-11-25T10:00:00Z', againstAdvice }
    expect(faultsOf({ ...good, handover })).toEqual(faults)
  })
})

describe('what stands beside it', () => {
  const beside = (over: object): readonly string[] => faultsOf(JSON.parse(JSON.stringify(inRide(good, [other(200, over)])))) // prettier-ignore
  test.each<[object, readonly string[]]>([
    [{ playMm: 200 }, []],
    [{ playMm: 201 }, ['$.ride.others[0].playMm must be at most 200']],
    [{ playMm: -1 }, ['$.ride.others[0].playMm must be at least 0']],
    [{ frontSeatGapMm: 2000 }, []],
    [{ frontSeatGapMm: 2001 }, ['$.ride.others[0].frontSeatGapMm must be at most 2000']],
    [{ frontSeatGapMm: -1 }, ['$.ride.others[0].frontSeatGapMm must be at least 0']],
    [{ kind: 'adult' }, []],
    [{ kind: 'dog' }, ['$.ride.others[0].kind must be one of "child", "adult"']],
  ])('%j', (over, faults) => expect(beside(over)).toEqual(faults))

  const own = (over: object): readonly string[] => faultsOf(JSON.parse(JSON.stringify(inRide(good, [], over))))
  test.each<[object, readonly string[]]>([
    [{ outsideMm: 200 }, []],
    [{ outsideMm: 900 }, []],
    [{ outsideMm: 199 }, ['$.ride.own.outsideMm must be at least 200']],
    [{ outsideMm: 901 }, ['$.ride.own.outsideMm must be at most 900']],
  ])('of itself %j', (over, faults) => expect(own(over)).toEqual(faults))

  test('as many as a car holds go in before it, and no more', () => {
    const before = (n: number) => faultsOf({ ...inRide(good, []), ride: { id: 'ride-1', others: [], installedBefore: Array.from({ length: n }, (_, i) => `f${i}`) } }) // prettier-ignore
    expect([before(0), before(12), before(13)]).toEqual([[], [], ['$.ride.installedBefore must hold at most 12 items']]) // prettier-ignore
  })
})
