import { join } from 'node:path'
import {
  BELT_ROUTE,
  BOOSTER,
  buildCase,
  buildPosition,
  buildRoute,
  buildUnit,
  FORWARD,
  TETHER_ROUTE,
} from '../../../test/build.ts'
import { half, inRide, other, REST_OF_CAR } from '../../../test/ride.ts'
import { holdTold, type Telling } from '../../../test/told-book.ts'
import { UnitId, VehicleId } from '../../ground/index.ts'
import { measured, type Case, type Route, type SeatingPosition } from '../../index.ts'

type Over = NonNullable<Parameters<typeof buildCase>[0]>
const at = (position: Partial<SeatingPosition>, over: Over = {}): Case => buildCase({ ...over, position })
const handbook = (said: object | undefined, over: Over = {}): Case => at({ handbook: said as SeatingPosition['handbook'] }, over) // prettier-ignore

function* airbags(): Iterable<Telling> {
  for (const [says, manual, frontAirbag, counts] of [
    ['on', 'on', 'none'],
    [undefined, undefined, 'none'],
    [undefined, undefined, undefined],
    ['on', 'off', 'can-be-switched-off'],
    ['on', 'off', undefined],
    [undefined, 'on', 'can-be-switched-off'],
    ['on', undefined, 'can-be-switched-off'],
    ['on', 'on', undefined],
    ['on', 'on', 'cannot-be-switched-off'],
    ['on', 'on', 'automatic'],
    ['off', 'off', 'cannot-be-switched-off'],
    ['off', 'either', 'automatic'],
    ['off', 'off', 'automatic', false],
    ['off', 'off', 'automatic', true],
    ['either', 'either', 'cannot-be-switched-off'],
  ] as const) {
    const read = { ...buildPosition().handbook, forwardAirbag: says, automaticCutOffCounts: counts }
    const route = { ...TETHER_ROUTE, ...(manual && { frontAirbag: manual }) }
    const when = `handbook ${says}, manual ${manual}, airbag ${frontAirbag}${counts === undefined ? '' : `, cut-off counts ${counts}`}`
    yield ['place-airbag-forward', when, at({ row: 1, frontAirbag, handbook: read }, { mode: FORWARD, route })]
  }
  for (const frontAirbag of [undefined, 'none', 'can-be-switched-off', 'cannot-be-switched-off', 'automatic'] as const)
    yield ['place-airbag', `airbag ${frontAirbag}`, at({ row: 1, frontAirbag })]
}

function* approvals(): Iterable<Telling> {
  const listed = buildRoute({ approvedPlaces: [{ vehicleId: VehicleId('corran-plover'), positionIds: ['rear-left'] }] })
  const universal: Over = { mode: FORWARD, route: { ...TETHER_ROUTE, scope: 'universal' } }
  const rule = 'place-approval'
  yield [rule, 'i-Size, the handbook not read', handbook(undefined)]
  yield [rule, 'i-Size, marked so and X for ISOFIX', handbook({ iSize: 'i-U', isofix: 'X' })]
  yield [rule, 'i-Size, no mark', handbook({ iSize: 'X' })]
  yield [rule, 'i-Size, marked so', handbook({ iSize: 'i-U' })]
  yield [rule, 'forward by ISOFIX, letters not read', handbook({}, universal)]
  yield [rule, 'forward by ISOFIX, IUF', handbook({ isofix: 'IUF' }, universal)]
  yield [rule, 'forward by ISOFIX, IL', handbook({ isofix: 'IL' }, universal)]
  yield [rule, 'on the maker’s list, the handbook not read', handbook(undefined, { route: listed })]
  yield [rule, 'on the maker’s list, semi-universal', at({}, { route: { ...listed, scope: 'semi-universal' } })]
  yield [rule, 'on the maker’s list, and X in the handbook', handbook({ isofix: 'X' }, { route: listed })]
  yield [rule, 'not on the list', at({}, { route: buildRoute({ scope: 'semi-universal', approvedPlaces: [] }) })]
  yield [rule, 'a list that nobody has read', at({}, { route: buildRoute({ scope: 'semi-universal', approvedPlaces: undefined }) })] // prettier-ignore
  const marks = [undefined, { iSize: 'i-U' }, { iSize: 'i-UF' }, { iSize: 'X' }, { fixtures: ['R3'] }, { fixtures: ['R1'] }] // prettier-ignore
  for (const fixture of ['R2', 'R3', 'F2X', undefined] as const)
    for (const mark of marks)
      yield [
        'place-envelope',
        `${fixture} by ${JSON.stringify(mark)}`,
        handbook(mark, { route: buildRoute({ fixture }) }),
      ]
  for (const [fixture, iSize] of [['R2', 'i-U'], ['R2', 'i-UF'], ['R3', 'i-U']] as const) // prettier-ignore
    yield ['place-envelope', `semi-universal, ${fixture} at ${iSize}`, handbook({ iSize }, { route: buildRoute({ scope: 'semi-universal', fixture }) })] // prettier-ignore
  yield ['place-envelope', 'R3, on the maker’s list', handbook(undefined, { route: { ...listed, fixture: 'R3' } })]
  yield ['place-envelope', 'R3, on the list, and refused by the handbook', handbook({ fixtures: ['R1'] }, { route: { ...listed, fixture: 'R3' } })] // prettier-ignore
  for (const facing of ['forward', 'sideways', 'rearward', undefined] as const)
    yield ['place-facing', `faces ${facing}`, at({ facing })]
}

function* belts(): Iterable<Telling> {
  for (const kind of ['three-point', 'lap', 'none', undefined] as const) {
    const belt = kind && { kind }
    yield ['place-belt-kind', `a booster at ${kind}`, at({ belt }, { mode: BOOSTER })]
    yield ['place-belt-kind', `a harness at ${kind}`, at({ belt }, { route: BELT_ROUTE })]
  }
  const edge = { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, pathEdgeAboveBightMm: 110 } }
  for (const [mm, spread] of [[110, 0], [111, 0], [108, 5]] as const) // prettier-ignore
    yield ['place-buckle', `its top at ${mm} ± ${spread}, the edge at 110`, at({ belt: { kind: 'three-point', buckleTopMm: measured(mm, spread) } }, { route: edge })] // prettier-ignore
  const lower = {
    ...BELT_ROUTE,
    lowerTethers: { use: 'required' as const, points: ['fixed-runner' as const, 'ring' as const] },
  }
  const points = (...all: readonly (readonly [string, 'left' | 'right'])[]) => all.map(([kind, side]) => ({ kind, side })) as SeatingPosition['lowerTetherPoints'] // prettier-ignore
  for (const [when, lowerTetherPoints] of [
    ['nobody has looked', undefined],
    ['no points', points()],
    ['one, left', points(['fixed-runner', 'left'])],
    ['one, right', points(['ring', 'right'])],
    ['boxed in on the left', points(['boxed-in', 'left'], ['ring', 'right'])],
    ['one on each side', points(['ring', 'left'], ['ring', 'right'])],
    ['two on the left', points(['ring', 'left'], ['ring', 'left'])],
  ] as const)
    yield ['place-lower-tethers', when, at({ lowerTetherPoints }, { route: lower })]
  yield ['place-lower-tethers', 'the maker names no points', at({ lowerTetherPoints: points(['ring', 'left'], ['ring', 'right']) }, { route: { ...lower, lowerTethers: { use: 'required' } } as never })] // prettier-ignore
  const tether = (
    when: string,
    use: 'required' | 'optional',
    limits: object,
    path?: readonly [number, number],
  ): Telling => [
    'place-tether-length',
    when,
    at({ tether: { where: 'shelf', ...(path && { pathLengthMm: measured(...path) }) } }, { route: { ...TETHER_ROUTE, topTether: { use, ...limits } } }), // prettier-ignore
  ]
  const both = { minLengthMm: 300, maxLengthMm: 900 }
  yield tether('no ends stated', 'required', {}, [500, 0])
  yield tether('over the upper end alone', 'required', { maxLengthMm: 900 }, [950, 0])
  yield tether('under the lower end alone', 'required', { minLengthMm: 300 }, [250, 0])
  yield tether('too close to the lower end', 'required', { minLengthMm: 300 }, [305, 10])
  yield tether('not measured', 'required', both)
  yield tether('only advised, and too long a way', 'optional', { maxLengthMm: 900 }, [950, 0])
  yield tether('fits', 'required', both, [500, 20])
  yield ['place-tether-length', 'nobody has looked for an anchorage', at({ tether: undefined }, { route: { ...TETHER_ROUTE, topTether: { use: 'required', ...both } } })] // prettier-ignore
}

function* rooms(): Iterable<Telling> {
  // ℓ = 600 and x₀ = 200: recline 30° reaches 500 mm on a level cushion, 45° reaches 624 mm.
  const mode = { shellLengthMm: 600, footFromBackrestMm: 200, reclines: [{ id: 'r1', label: '1', shellAngleDeg: 30 }, { id: 'r2', label: '2', shellAngleDeg: 45 }] } // prettier-ignore
  const driver = buildPosition({ id: 'driver', label: 'Driver', row: 1, isDriverSeat: true })
  const before = (frontSeat: 'must-touch' | 'must-not-touch' | 'either' | undefined, position: Partial<SeatingPosition>, slope = measured(0)): Case => // prettier-ignore
    buildCase({ mode, route: buildRoute({ frontSeat } as Partial<Route>), position: { cushion: { slopeDeg: slope, frontEdgeAboveFloorMm: measured(355) }, ...position }, others: [driver] }) // prettier-ignore
  const distance = (mm: number, spread = 0) => ({ frontClearanceMm: measured(mm, spread) })
  const rule = 'place-front-room'
  yield [rule, 'what the maker asks has not been read', before(undefined, distance(700))]
  yield [rule, 'the distance not measured', before('either', {})]
  yield [rule, 'the slope not measured', before('either', { ...distance(700), cushion: {} })]
  yield [rule, 'the distance too close to tell', before('either', distance(505, 10))]
  yield [rule, 'the slope too close to tell', before('either', distance(500), measured(0, 3))]
  yield [rule, 'too tight', before('must-not-touch', distance(480))]
  yield [rule, 'touch is asked, and the seat does not come back so far', before('must-touch', { ...distance(700), frontSeatRangeMm: { fullyBackMm: 625, fullyForwardMm: 800 } })] // prettier-ignore
  yield [rule, 'no touch is asked, and the seat stands far', before('must-not-touch', { ...distance(700), frontSeatRangeMm: { fullyBackMm: 650, fullyForwardMm: 800 } })] // prettier-ignore
  yield [rule, 'touch is asked, its track not known', before('must-touch', distance(700))]
  // Ears at 90 to 94 % of 700 mm, 100 mm up: 730 to 758 mm.
  const cushion = { ...BOOSTER, id: 'cushion', shape: 'booster-cushion', headRule: 'ears-below-vehicle-head-restraint', sitAboveCushionMm: 100 } as const // prettier-ignore
  const ears = (when: string, position: Partial<SeatingPosition>, sitting?: readonly [number, number]): Telling => [
    'place-head-restraint-line',
    when,
    buildCase({ mode: cushion, child: { statureCm: measured(130), ...(sitting && { sittingHeightMm: measured(...sitting) }) }, position }), // prettier-ignore
  ]
  const to = (mm: number, spread = 0) => ({ headRestraintTopMm: measured(mm, spread) })
  yield ears('too low', to(729), [700, 0])
  yield ears('high enough', to(758), [700, 0])
  yield ears('no measure tells', to(745), [700, 0])
  yield ears('its top too close to tell, from below', to(725, 5), [700, 0])
  yield ears('its top too close to tell, from above', to(760, 5), [700, 0])
  yield ears('the sitting height too close to tell', to(780), [715, 12])
  yield ears('estimated, and too low', to(500))
  yield ears('estimated, and too close to tell', to(745))
  yield ears('estimated, and high enough', to(1200))
  yield ears('no head restraint', { headRestraint: 'none' }, [700, 0])
  yield ears('nobody has looked', { headRestraint: undefined }, [700, 0])
  yield ears('nobody has looked, with a height all the same', { headRestraint: undefined, ...to(758) }, [700, 0])
  yield ears('its height not known', { headRestraint: 'adjustable' }, [700, 0])
  for (const [mm, spread] of [[250, 2], [299, 2], [355, 2], [520, 2]] as const) // prettier-ignore
    yield ['place-leg-range', `a floor ${mm} ± ${spread} mm below`, at({ cushion: { frontEdgeAboveFloorMm: measured(mm, spread) } })] // prettier-ignore
  for (const [when, over] of [
    ['does not slide', {}],
    ['nobody has looked', { without: undefined }],
    ['slides, the handbook not read', { without: undefined, slidingTrack: { travelMm: 100 } }],
    [
      'slides, the handbook read',
      { without: undefined, slidingTrack: { travelMm: 100, handbookSetting: 'Fully back.' } },
    ],
  ] as const)
    yield ['place-stated', when, at(over)]
}

function* neighbours(): Iterable<Telling> {
  const beside = (ownMm: number | undefined): Case => buildCase({ others: REST_OF_CAR, mode: { ...(ownMm !== undefined && { halfWidths: half(ownMm) }), widthMm: undefined } }) // prettier-ignore
  yield ['place-room-beside', 'fits', inRide(beside(190), [other(190)])]
  yield ['place-room-beside', 'does not', inRide(beside(200), [other(190)])]
  yield ['place-room-beside', 'own width not known', inRide(beside(undefined), [other(190)])]
  yield ['place-room-beside', 'taken', inRide(beside(100), [other(100, { positionIds: ['rear-left'] })])]
  yield ['place-room-beside', 'taken by one that lies across', inRide(beside(100), [other(100, { positionIds: ['rear-centre', 'rear-left'], isAcross: true })])] // prettier-ignore
  const sharing = (...positionIds: readonly string[]): Case =>
    at({ sharedWith: positionIds.map((positionId) => ({ part: 'bars' as const, positionId })) }, { others: REST_OF_CAR }) // prettier-ignore
  const rule = 'place-shared-part'
  const right = (takes: 'bars' | 'belt') => other(100, { id: 'col', takes: [takes], positionIds: ['rear-right'] })
  yield [rule, 'the same bars', inRide(sharing('rear-centre'), [other(100, { takes: ['bars'] })])]
  yield [rule, 'others', inRide(sharing('rear-centre'), [other(100, { takes: ['belt'] })])]
  yield [rule, 'nobody knows what it takes', inRide(sharing('rear-centre'), [other(100, {})])]
  yield [rule, 'nobody knows where it sits', inRide(sharing('rear-centre'), [other(100, { takes: ['bars'], positionIds: [] })])] // prettier-ignore
  yield [rule, 'the second of two', inRide(sharing('rear-centre', 'rear-right'), [other(100, { takes: ['belt'] }), right('bars')])] // prettier-ignore
  yield [rule, 'one open, one not', inRide(sharing('rear-centre', 'rear-right'), [other(100, {}), right('bars')])]
  yield [rule, 'one open, one apart', inRide(sharing('rear-centre', 'rear-right'), [other(100, {}), right('belt')])]
  yield [rule, 'nobody else rides', sharing('rear-centre')]
  yield [rule, 'the same unit', inRide(buildCase({ others: REST_OF_CAR }), [other(100, { unitIds: [buildCase().choice.unitId!] })])] // prettier-ignore
  yield [rule, 'another unit of the same', inRide(buildCase({ others: REST_OF_CAR }), [other(100, { unitIds: [UnitId('another')] })])] // prettier-ignore
  for (const part of ['tether', 'buckle', 'buckle-covered', 'rails'] as const) {
    const shares = (route: Route, taker: object) => inRide(at({ sharedWith: [{ part, positionId: 'rear-centre' } as never] }, { others: REST_OF_CAR, route }), [other(100, taker)]) // prettier-ignore
    yield [rule, `${part}, by ISOFIX and tether, nobody knows what the other takes`, shares(TETHER_ROUTE, {})]
    yield [rule, `${part}, by the belt, nobody knows what the other takes`, shares(BELT_ROUTE, {})]
  }
  yield [rule, 'one at a place that shares nothing', inRide(sharing('rear-centre'), [other(100, { takes: ['belt'] }), right('bars')])] // prettier-ignore
  const base = UnitId('unit-2')
  const onBase: Case = { ...buildCase({ others: REST_OF_CAR }), choice: { ...buildCase().choice, baseUnitId: base }, units: [...buildCase().units!, buildUnit({ id: base, partId: 'base' })] } // prettier-ignore
  yield [rule, 'the same base', inRide(onBase, [other(100, { unitIds: [base] })])]
  const lying = buildCase({ route: { ...BELT_ROUTE, seatsTaken: 2 }, mode: { direction: 'lateral', shape: 'lie-flat', halfWidths: half(200) }, others: REST_OF_CAR.slice(0, 2) }) // prettier-ignore
  yield ['place-room-beside', 'its second place is taken', inRide(lying, [other(100)])]
  yield ['place-room-beside', 'beside both its places', inRide(lying, [other(100, { positionIds: ['rear-right'] })])]
  const fits = inRide(beside(190), [other(190)])
  const within = (row: number, insideMm: number): Case => ({ ...fits, vehicle: { ...fits.vehicle!, rows: [{ row, trimLeftMm: insideMm, trimRightMm: insideMm }] } }) as Case // prettier-ignore
  yield ['place-room-beside', 'the doors of another row', within(1, 550)]
  yield ['place-room-beside', 'the doors of its own row', within(2, 550)]
  const two = { ...BELT_ROUTE, seatsTaken: 2, belt: { ...BELT_ROUTE.belt!, requiredLengthMm: 1900 } } as const
  const across = (others: readonly SeatingPosition[], route: Over['route'] = two): Case => buildCase({ route, mode: { direction: 'lateral', shape: 'lie-flat' }, others }) // prettier-ignore
  const place = (label: string, lateralCentreMm: number, usableMm?: number, kind: 'three-point' | 'none' = 'three-point') =>
    buildPosition({ id: label, label, side: 'centre', lateralCentreMm, belt: { kind, ...(usableMm !== undefined && { usableLengthMm: measured(usableMm, 10) }) } }) // prettier-ignore
  const second = 'place-two-adjacent'
  yield [second, 'no second place', across([])]
  yield [second, 'both do', across([place('Middle', 0, 1950)])]
  yield [second, 'its belt too short', across([place('Middle', 0, 1850)])]
  yield [second, 'its belt too short, and no length asked', across([place('Middle', 0, 1850)], { ...two, belt: { ...BELT_ROUTE.belt! } })] // prettier-ignore
  yield [second, 'its belt not measured', across([place('Middle', 0)])]
  yield [second, 'the better of two', across([place('Middle', 0, undefined, 'none'), place('Outer', -760)])]
  yield [second, 'the better of two, the other way round', across([place('Middle', 0), place('Outer', -760, undefined, 'none')])] // prettier-ignore
}

holdTold(join(__dirname, 'told.txt'), [...airbags(), ...approvals(), ...belts(), ...rooms(), ...neighbours()])
