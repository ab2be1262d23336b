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
  over: {
    readonly frontSeat?: 'must-touch' | 'must-not-touch' | 'either' | 'not-stated'
    readonly front?: SeatingPosition
    readonly mode?: Partial<Mode>
  } = {},
) =>
  buildCase({
    mode: { ...mode, ...over.mode },
    route: buildRoute({ frontSeat: over.frontSeat === 'not-stated' ? undefined : (over.frontSeat ?? 'either') }),
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

test.each([
  [500, 'pass'],
  [501, 'fail'],
])('must touch, and the furthest recline reaches 500 mm: a seat that comes back to %s mm, %s', (fullyBackMm, kind) => {
  const c = at(
    { ...distance(700), frontSeatRangeMm: { fullyBackMm, fullyForwardMm: 800 } },
    { frontSeat: 'must-touch', mode: { reclines: [{ id: 'r1', label: '1', shellAngleDeg: 30 }] } },
  )
  expect(kindOf('place-front-room', c)).toBe(kind)
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

const KNOWN = { ...distance(400), cushion: { slopeDeg: measured(0) } }
test.each<[string, ReturnType<typeof buildCase>, string]>([
  ['the distance', at({ cushion: KNOWN.cushion }), 'position.frontClearanceMm'],
  ['the distance and the slope', at({ cushion: {} }), 'position.frontClearanceMm'],
  ['the slope', at({ ...distance(400), cushion: {} }), 'position.cushionSlopeDeg'],
  ['the maker’s word on touching', at(KNOWN, { frontSeat: 'not-stated' }), 'route.frontSeat'],
  ['the length of the shell', at(KNOWN, { mode: { shellLengthMm: undefined } }), 'check.front-seat'],
  ['where its foot stands', at(KNOWN, { mode: { footFromBackrestMm: undefined } }), 'check.front-seat'],
  ['its reclines', at(KNOWN, { mode: { reclines: undefined } }), 'check.front-seat'],
  [
    'the length of the shell and the word on touching',
    at(KNOWN, { mode: { shellLengthMm: undefined }, frontSeat: 'not-stated' }),
    'check.front-seat',
  ],
])('without %s nothing is judged, and what would tell is asked for', (_, c, need) => {
  expect(ask('place-front-room', c)).toMatchObject({
    kind: 'undecided',
    severity: 'advise',
    settledBy: 'front-seat',
    missing: [need],
  })
})

test('the wedge of a maker counts', () => {
  // Without a wedge 15° of slope take the shell from 500 to 355 mm.
  const sloping = { ...distance(360), cushion: { slopeDeg: measured(15) } }
  expect(kindOf('place-front-room', at(sloping))).toBe('pass')
})
