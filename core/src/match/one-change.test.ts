import { ModelId, Sequence, UnitId, VehicleId } from '../ground/index.ts'
import {
  BELT_ROUTE,
  BOOSTER,
  buildCase,
  buildChild,
  buildStatedMode,
  buildModel,
  buildPosition,
  buildRoute,
  buildUnit,
  FORWARD,
  TETHER_ROUTE,
} from '../../test/build.ts'
import {
  applyPuts,
  compareChanges,
  distinctChanges,
  fittedSubject,
  putsForChange,
  findOneChange,
  measured,
  type Case,
  type Child,
  type OneChange,
  type RestraintModel,
  type SeatingPosition,
  type StockItem,
  type Vehicle,
} from '../index.ts'

const hollow: Partial<SeatingPosition> = { floor: { kind: 'box-not-allowed' } }
const car = (id: string, ...positions: Partial<SeatingPosition>[]): Vehicle => ({
  id: VehicleId(id),
  maker: 'Corran',
  model: id,
  driverSide: 'right',
  positions: positions.map((p, i) => buildPosition({ id: `p${i}`, label: `Place ${i}`, ...p })),
})
const item = (model: RestraintModel): StockItem => ({
  model,
  unit: buildUnit({ id: UnitId(`unit-${model.id}`), modelId: model.id }),
})

interface Given {
  readonly model?: RestraintModel
  readonly child?: Partial<Child>
  readonly vehicle?: Vehicle
  readonly pool?: readonly Vehicle[]
  readonly shelf?: readonly StockItem[]
  readonly routeId?: string
  readonly positionId?: string
}
function changes({
  model = buildModel([buildStatedMode()]),
  child,
  vehicle = car('hollow', hollow),
  pool = [],
  shelf = [],
  routeId,
  positionId,
}: Given) {
  const mode = model.modes[0]
  if (!mode) throw new Error('a model has a mode')
  const c = buildCase(child ? { child } : {})
  return findOneChange(
    { ...c, child: buildChild(child) },
    {
      ...item(model),
      mode,
      vehicle,
      route: mode.routes.find((r) => r.id === routeId),
      position: vehicle.positions.find((p) => p.id === positionId),
    },
    pool,
    shelf,
  )
}

test('a hollow floor refuses the leg; the same restraint’s tether route is the one change', () => {
  const forward = buildStatedMode({ ...FORWARD, routes: [buildRoute(), TETHER_ROUTE] })
  const found = changes({
    model: buildModel([forward]),
    vehicle: car('hollow', { ...hollow, handbook: { iSize: 'i-U', isofix: 'IUF', fixtures: ['F3', 'R3'] } }),
    routeId: 'isofix-leg',
    positionId: 'p0',
  })
  expect(found[0]).toMatchObject({ kind: 'route', decision: 'pass', route: { id: 'isofix-tether' } })
})

test('nothing in this car: another car of the pool, the place that holds', () => {
  const found = changes({ pool: [car('hollow', hollow), car('sound', hollow, {})] })
  expect(found).toHaveLength(1)
  expect(found[0]).toMatchObject({ kind: 'vehicle', vehicle: { id: 'sound' }, position: { id: 'p1' } })
})

test('another restraint of the shelf in the same car, never one that the child may not use', () => {
  const belted = buildModel([buildStatedMode({ routes: [BELT_ROUTE] })], { id: ModelId('belted') })
  const tooBig = buildModel([buildStatedMode({ ...BOOSTER })], { id: ModelId('booster') })
  const found = changes({ shelf: [item(belted), item(tooBig), item(buildModel([buildStatedMode()]))] })
  expect(found.map((f) => f.model.id)).toEqual(['belted'])
  expect(found[0]).toMatchObject({ kind: 'restraint', unit: { id: 'unit-belted' } })
})

test('another mode of the same restraint, where the child may use it', () => {
  const model = buildModel([
    buildStatedMode(),
    buildStatedMode({ id: 'belted', label: 'Rearward by belt', routes: [BELT_ROUTE] }),
  ])
  expect(changes({ model })[0]).toMatchObject({ kind: 'mode', mode: { id: 'belted' } })
})

test('a place chosen and refused: another place of the same car by the same route', () => {
  const found = changes({ vehicle: car('mixed', hollow, {}), routeId: 'isofix-leg', positionId: 'p0' })
  expect(found[0]).toMatchObject({ kind: 'place', position: { id: 'p1' } })
})

test('what holds stands before what must be found out first, what nobody advises against before what a school does', () => {
  const unknown = car('unknown', { floor: undefined, handbook: { fixtures: ['R3'] } })
  const found = changes({ pool: [unknown, car('sound', {})] })
  expect(found.map((f) => [f.vehicle.id, f.decision])).toEqual([
    ['sound', 'pass'],
    ['unknown', 'undecided'],
  ])
  expect([...found].toSorted(compareChanges)).toEqual(found)
})

test('where the child is not measured, no place that holds makes the change hold', () => {
  const found = (massKg: Child['massKg']) => changes({ pool: [car('sound', {})], child: { massKg } }).map((f) => f.decision) // prettier-ignore
  expect([found(measured(10.4, 0.1)), found(undefined), found(measured(18, 0.2))]).toEqual([['pass'], ['undecided'], ['undecided']]) // prettier-ignore
})

test('turning forward is marked as advised against while a rearward mode still takes the child', () => {
  const forward = buildModel([buildStatedMode({ ...FORWARD, routes: [BELT_ROUTE] })], { id: ModelId('forward') })
  const [change] = changes({ shelf: [item(forward)] })
  expect(change).toMatchObject({ kind: 'restraint', isAdvisedAgainst: true })
  const rearward = buildModel([buildStatedMode({ routes: [BELT_ROUTE] })], { id: ModelId('rearward-belted') })
  expect(changes({ shelf: [item(forward), item(rearward)] }).map((c) => c.model.id)).toEqual([
    'rearward-belted',
    'forward',
  ])
})

test('no single change: an empty answer', () => {
  expect(changes({})).toEqual([])
  expect(changes({ child: { massKg: measured(30) }, pool: [car('sound', {})] })).toEqual([])
})

test('a change is one entry, after which the fitting stands where it said', () => {
  const belted = item(buildModel([buildStatedMode({ id: 'by-belt', routes: [BELT_ROUTE] })], { id: ModelId('belted') }))
  const c = buildCase({ position: hollow, settings: { legNotch: { value: 7, at: Sequence(2) } } })
  for (const change of [
    ...changes({ shelf: [belted], vehicle: car('hollow', { ...hollow, id: 'rear-left' }) }),
    ...changes({ pool: [car('sound', {})] }),
  ]) {
    const done = applyPuts(
      { ...c, vehicle: car('hollow', { ...hollow, id: 'rear-left' }) },
      putsForChange(c, change),
      Sequence(9),
    )
    if (!done.ok) throw new Error(JSON.stringify(done.error))
    const after = fittedSubject(done.value.case)
    expect(after).toMatchObject({ position: { id: change.position.id }, route: { id: change.route.id } })
    expect(after?.model.id).toBe(change.model.id)
    expect(done.value.case.settings.legNotch).toBeUndefined()
  }
})

test('another car is one line, however many of its places hold', () => {
  const found = changes({ pool: [car('sound', {}, {}, {})] })
  expect(found).toHaveLength(3)
  expect(distinctChanges(found)).toHaveLength(1)
})

describe('the entry that makes a fitting what one change would make it', () => {
  const model = buildModel([
    buildStatedMode(),
    buildStatedMode({ id: 'belted', label: 'Rearward by belt', routes: [BELT_ROUTE] }),
  ])
  const here = { ...buildCase(), restraints: [model] }
  const [rearward, belted] = model.modes as [RestraintModel['modes'][number], RestraintModel['modes'][number]]
  const unit = here.units![0]!
  const change: OneChange = {
    kind: 'place',
    model,
    unit,
    mode: rearward,
    vehicle: here.vehicle!,
    position: here.vehicle!.positions[0]!,
    route: rearward.routes[0]!,
    decision: 'pass',
    isAdvisedAgainst: false,
    points: 2,
  }
  const placed = (over: Partial<OneChange>, c: Case = here) =>
    applyPuts(c, putsForChange(c, { ...change, ...over }), Sequence(9))
  const pathsOf = (over: Partial<OneChange>, c: Case = here) =>
    putsForChange(c, { ...change, ...over }).map((p) => p.path.join('.'))

  test('another place of the same mode and car: the choice alone, whole', () => {
    expect(putsForChange(here, change)).toEqual([
      {
        path: ['choice'],
        value: {
          modelId: model.id,
          modeId: 'rearward',
          unitId: unit.id,
          positionId: 'rear-left',
          routeId: 'isofix-leg',
        },
      },
    ])
    const { unitId: _unit, ...choice } = { ...here.choice, modelId: model.id }
    expect(putsForChange({ ...here, choice }, { ...change, unit: undefined })).toHaveLength(1)
  })
  test.each<[string, Partial<OneChange>, boolean]>([
    ['the same', {}, false],
    ['another mode', { mode: belted, route: belted.routes[0]! }, true],
    ['another model with a mode of the same name', { model: { ...model, id: ModelId('other') } }, true],
    ['another unit', { unit: { ...unit, id: UnitId('other') } }, true],
  ])('%s: the mode is chosen anew only where it is another', (_, over, isNew) => {
    expect(pathsOf(over).length > 1).toBe(isNew)
  })
  test('another car comes in whole; the same car is not entered again', () => {
    const other = { ...here.vehicle!, id: VehicleId('other') }
    expect(pathsOf({ vehicle: other })).toContain('vehicle')
    expect(pathsOf({})).not.toContain('vehicle')
    expect(placed({ vehicle: other, kind: 'vehicle' })).toMatchObject({
      ok: true,
      value: { case: { vehicle: { id: 'other' } } },
    })
  })
  test('what was set for the place before is taken back, and nothing else', () => {
    const set: Case = {
      ...here,
      settings: { legNotch: { value: 3, at: Sequence(1) }, slideMm: { value: 2, at: Sequence(1) } },
    }
    expect(pathsOf({}, set)).toEqual(['settings.legNotch', 'choice'])
  })
  test('of changes alike the best alone is shown; of places each', () => {
    const [a, b] = [buildPosition({ id: 'a' }), buildPosition({ id: 'b' })]
    const all: OneChange[] = [
      { ...change, kind: 'vehicle', position: a },
      { ...change, kind: 'vehicle', position: b },
      { ...change, kind: 'vehicle', vehicle: { ...change.vehicle, id: VehicleId('third') }, position: a },
      { ...change, kind: 'place', position: a },
      { ...change, kind: 'place', position: b },
      { ...change, kind: 'mode', mode: belted, position: a },
      { ...change, kind: 'mode', mode: belted, position: b },
      { ...change, kind: 'restraint', model: { ...model, id: ModelId('ab') }, mode: { ...rearward, id: 'c' } },
      { ...change, kind: 'restraint', model: { ...model, id: ModelId('a') }, mode: { ...rearward, id: 'bc' } },
    ]
    expect(distinctChanges(all)).toEqual([0, 2, 3, 4, 5, 7, 8].map((i) => all[i]))
  })
  test('what is nearest stands first, and of the same kind what is simpler', () => {
    const kinds = ['place', 'route', 'mode', 'vehicle', 'restraint'] as const
    const all = kinds.flatMap((kind) => [2, 5].map((points): OneChange => ({ ...change, kind, points })))
    expect([...all].toReversed().toSorted(compareChanges)).toEqual(all)
  })
})

test('what is wanted is no change to itself, on the shelf or in the pool', () => {
  const vehicle = car('sound', {}, {})
  const model = buildModel([buildStatedMode()])
  const found = changes({
    vehicle,
    model,
    pool: [vehicle],
    shelf: [item(model)],
    routeId: 'isofix-leg',
    positionId: 'p0',
  })
  expect(found.map((f) => [f.kind, f.position.id])).toEqual([['place', 'p1']])
  const second: StockItem = { model, unit: buildUnit({ id: UnitId('second') }) }
  const others = changes({ vehicle, model, shelf: [item(model), second], routeId: 'isofix-leg', positionId: 'p0' })
  expect(others.map((f) => [f.kind, f.unit?.id])).toEqual([
    ['place', item(model).unit?.id],
    ['restraint', 'second'],
    ['restraint', 'second'],
  ])
})
