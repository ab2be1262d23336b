import { ask, buildCase, buildPosition, buildRoute, kindOf } from '../../../test/build.ts'
import { measured, type Mode, type SeatingPosition } from '../../index.ts'

// ℓ = 600 and x₀ = 200 on a level cushion: recline 30° reaches 500 mm, 45° reaches 624 mm.
const mode: Partial<Mode> = {
  shellLengthMm: 600,
  footFromBackrestMm: 200,
  reclines: [
    { id: 'r1', label: '1', shellAngleDeg: 30 },
    { id: 'r2', label: '2', shellAngleDeg: 45 },
  ],
}
const driver = buildPosition({ id: 'driver', label: 'Driver', row: 1, isDriverSeat: true })
const passenger = buildPosition({ id: 'front', label: 'Front', row: 1, isDriverSeat: false })

const at = (
  position: Partial<SeatingPosition>,
  over: { readonly frontSeat?: 'must-touch' | 'must-not-touch' | 'either'; readonly front?: SeatingPosition } = {},
) =>
  buildCase({
    mode,
    route: buildRoute({ frontSeat: over.frontSeat ?? 'either' }),
    position: { cushion: { slopeDeg: measured(0), frontEdgeAboveFloorMm: measured(355) }, ...position },
    others: [over.front ?? driver],
  })
const distance = (mm: number, plusMinus = 0) => ({ frontClearanceMm: measured(mm, plusMinus) })

test.each([
  [499, 0, 'fail'],
  [500, 0, 'pass'],
  [505, 10, 'undecided'],
  [520, 10, 'pass'],
  [480, 10, 'fail'],
])('place-front-room: the most upright recline reaches 500 mm, the driver sits at %s ± %s mm: %s', (mm, pm, kind) => {
  expect(kindOf('place-front-room', at(distance(mm, pm)))).toBe(kind)
})

test('a passenger’s seat may go forward on its track; a driver’s may not', () => {
  const position = { ...distance(450), frontSeatRangeMm: { fullyBackMm: 420, fullyForwardMm: 640 } }
  expect(kindOf('place-front-room', at(position))).toBe('fail')
  expect(kindOf('place-front-room', at(position, { front: passenger }))).toBe('pass')
})

test('must touch: a seat that cannot come back far enough refuses the place', () => {
  const back = (fullyBackMm: number) => ({
    ...distance(700),
    frontSeatRangeMm: { fullyBackMm, fullyForwardMm: 800 },
  })
  expect(ask('place-front-room', at(back(625), { frontSeat: 'must-touch' }))).toMatchObject({ kind: 'fail' })
  expect(ask('place-front-room', at(back(620), { frontSeat: 'must-touch' }))).toMatchObject({ kind: 'pass' })
})

test('a route that permits none of the reclines is refused elsewhere, not here', () => {
  const c = buildCase({
    mode,
    route: buildRoute({ frontSeat: 'either', permittedReclines: ['gone'] }),
    position: distance(400),
    others: [driver],
  })
  expect(ask('place-front-room', c)).toMatchObject({ kind: 'undecided', severity: 'advise', settledBy: 'front-seat' })
})

test('the wedge of a maker counts, and what is not known is not judged', () => {
  for (const [unknown, need] of [
    [{}, 'position.frontClearanceMm'],
    [{ ...distance(400), cushion: {} }, 'position.cushionSlopeDeg'],
  ] as const) {
    expect(ask('place-front-room', at(unknown))).toMatchObject({
      kind: 'undecided',
      severity: 'advise',
      settledBy: 'front-seat',
      missing: [need],
    })
  }
  // Without a wedge 15° of slope take the shell from 500 to 355 mm.
  const sloping = { ...distance(360), cushion: { slopeDeg: measured(15) } }
  expect(kindOf('place-front-room', at(sloping))).toBe('pass')
})
