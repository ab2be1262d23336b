import fc from 'fast-check'
import { buildPosition, buildVehicle } from '../../test/build.ts'
import {
  LAYOUTS,
  layoutPositions,
  lintVehicle,
  measured,
  mirrored,
  neighboursOf,
  parseWith,
  vehicleSchema,
  type LayoutName,
  type SeatingPosition,
} from '../index.ts'

const lints = (over: Partial<SeatingPosition>, ...others: SeatingPosition[]) =>
  lintVehicle(buildVehicle([buildPosition(over), ...others])).map((l) => l.path.replace('positions[0].', ''))

test.each<[string, Partial<SeatingPosition>, string[]]>([
  ['a sound place', {}, []],
  ['i-Size without bars', { isofix: { bars: 'none' }, handbook: { iSize: 'i-U' } }, ['handbook.iSize']],
  ['i-Size with bars not looked at', { isofix: undefined, handbook: { iSize: 'i-U' } }, []],
  ['IUF without bars', { isofix: { bars: 'none' }, handbook: { isofix: 'IUF' } }, ['handbook.isofix']],
  ['IUF without a tether', { tether: { where: 'none' } }, ['tether.where']],
  ['IUF with the tether not looked at', { tether: undefined }, []],
  ['X and i-Size at once', { handbook: { isofix: 'X', iSize: 'i-U' } }, ['handbook.isofix']],
  ['i-Size, and nobody looked which way it faces', { facing: undefined, handbook: { iSize: 'i-U' } }, []],
  ['i-Size facing sideways', { facing: 'sideways' }, ['handbook.iSize']],
  ['front place with an airbag nobody looked for', { row: 1, frontAirbag: undefined }, ['frontAirbag']],
  [
    'a seat in front off its track',
    { frontClearanceMm: measured(600), frontSeatRangeMm: { fullyBackMm: 640, fullyForwardMm: 800 } },
    ['frontClearanceMm'],
  ],
  [
    'a seat in front at the end of its track',
    { frontClearanceMm: measured(640), frontSeatRangeMm: { fullyBackMm: 640, fullyForwardMm: 800 } },
    [],
  ],
  ['the driver’s seat', { row: 1, frontAirbag: undefined, isDriverSeat: true }, []],
])('%s: %j', (_, over, paths) => expect(lints(over)).toEqual(paths))

test.each([
  [-131, ['positions[1].lateralCentreMm']],
  [-130, []],
])('a neighbour at %s mm of one at −380: %j', (lateralCentreMm, paths) => {
  const vehicle = buildVehicle([buildPosition(), buildPosition({ id: 'z-next', lateralCentreMm })])
  expect(lintVehicle(vehicle).map((l) => l.path)).toEqual(paths)
})

test('mirrored twice it is the same place; once, everything with a side is turned over', () => {
  const p = buildPosition({
    label: 'Rear left',
    doorSide: 'left',
    isofix: { bars: 'visible', easierSide: 'left' },
    lowerTetherPoints: [{ kind: 'ring', side: 'left' }],
  })
  expect(mirrored(mirrored(p, 'other'), p.id)).toEqual(p)
  expect(mirrored(p, 'rear-right')).toMatchObject({
    id: 'rear-right',
    label: 'Rear right',
    side: 'right',
    lateralCentreMm: 380,
    doorSide: 'right',
    isofix: { easierSide: 'right' },
    lowerTetherPoints: [{ side: 'right' }],
  })
  fc.assert(
    fc.property(fc.integer({ min: -1000, max: 1000 }), (lateralCentreMm) => {
      expect(Object.is(mirrored(buildPosition({ lateralCentreMm }), 'm').lateralCentreMm, -0)).toBe(false)
    }),
    { seed: 2 },
  )
})

test.each(Object.keys(LAYOUTS) as LayoutName[])(
  'layout %s is a valid car with one driver’s seat, and claims nothing else',
  (layout) => {
    for (const driverSide of ['left', 'right'] as const) {
      const positions = layoutPositions(layout, driverSide)
      expect(parseWith(vehicleSchema, { ...buildVehicle([...positions]), driverSide }).ok).toBe(true)
      expect(positions.filter((p) => p.isDriverSeat).map((p) => p.side)).toEqual([driverSide])
      expect(positions.every((p) => p.isofix === undefined && p.handbook === undefined && p.belt === undefined)).toBe(
        true,
      )
    }
  },
)

describe('which places stand next to one another', () => {
  const place = (side: SeatingPosition['side'], lateralCentreMm?: number, row = 2): SeatingPosition =>
    buildPosition({ id: side, side, row, lateralCentreMm })
  test.each<[string, SeatingPosition[], string[]]>([
    [
      'unmeasured, the middle one is next to the left one',
      [place('left'), place('centre'), place('right')],
      ['centre'],
    ],
    ['with no middle one, the two stand side by side', [place('left'), place('right')], ['right']],
    ['one measured and one not: by side', [place('left', -390), place('right')], ['right']],
    ['measured: as far as 520 mm', [place('left', -390), place('right', 130)], ['right']],
    ['measured: not farther', [place('left', -390), place('right', 131)], []],
    ['another row', [place('left'), place('right', undefined, 3)], []],
  ])('%s', (_, positions, ids) => {
    expect(neighboursOf({ positions }, positions[0]!).map((p) => p.id)).toEqual(ids)
  })
})

test.each(Object.keys(LAYOUTS) as LayoutName[])(
  '%s brings rows and sides, and no figure and no fact of a place',
  (layout) => {
    for (const place of layoutPositions(layout, undefined))
      expect(Object.keys(place).toSorted()).toEqual(['id', 'label', 'row', 'side'])
  },
)
