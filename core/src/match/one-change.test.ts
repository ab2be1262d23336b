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
  type Child,
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
