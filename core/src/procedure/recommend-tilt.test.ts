import { buildCase, buildPosition, buildRoute, FORWARD } from '../../test/build.ts'
import { fittedSubject, measured, type Case, type Mode, type Recommendation } from '../index.ts'
import { anglePreference, recommendFrontSeat, recommendRecline } from './recommend-tilt.ts'

const WEDGE = { allowed: true, heightMm: 40, baseLengthMm: 380 } as const
const LEVEL = { cushion: { slopeDeg: measured(0, 0), frontEdgeAboveFloorMm: measured(355, 0) } }
const RECLINES: Mode['reclines'] = [
  { id: 'flat', label: 'Flat', shellAngleDeg: 44 },
  { id: 'middle', label: 'Middle', shellAngleDeg: 38 },
  { id: 'upright', label: 'Upright', shellAngleDeg: 31 },
  { id: 'beyond', label: 'Beyond', shellAngleDeg: 50 },
]
const told = (c: Case): readonly Partial<Recommendation>[] =>
  recommendRecline(fittedSubject(c)!).map(({ because: _because, ...rest }) => rest)
const DRIVER = buildPosition({ id: 'driver', label: 'Driver', row: 1, isDriverSeat: true })
const NO_WEDGE = { setting: 'wedge', kind: 'set', value: false, text: 'No wedge' }

describe('an infant as upright as the head still lies back', () => {
  const infant = (mode: Partial<Mode> = {}, position: object = LEVEL): Case =>
    buildCase({
      mode: { reclines: RECLINES, ...mode },
      position,
      child: { dateOfBirth: undefined, ageMonths: measured(5, 0) },
      practice: { infantAngle: 'upright-as-airway-allows' },
    })
  test('all that are no flatter than the ceiling, the most upright first', () => {
    expect(told(infant())).toEqual([
      { setting: 'recline', kind: 'choose', values: ['upright', 'middle', 'flat'], text: 'One of Flat, Middle, Upright, Beyond' },
    ]) // prettier-ignore
  })
  test('to the ceiling itself', () => {
    const at = (shellAngleDeg: number) => told(infant({ reclines: [...RECLINES.slice(0, 1), { id: 'x', label: 'X', shellAngleDeg }] }))[0] // prettier-ignore
    expect([at(45), at(45.5)].map((r) => r && 'values' in r && r.values)).toEqual([['flat', 'x'], ['flat']])
  })
  test('on a slope that nobody has measured it is one of all: the child decides', () => {
    expect(told(infant({}, { cushion: { frontEdgeAboveFloorMm: measured(355, 0) } }))[0]).toMatchObject({
      kind: 'choose',
      values: ['upright', 'middle', 'flat', 'beyond'],
    })
  })
  test('without the wedge, also where the maker allows one', () => {
    expect(told(infant({ wedge: WEDGE }))).toEqual([expect.objectContaining({ values: ['upright', 'middle', 'flat'] }), NO_WEDGE]) // prettier-ignore
  })
  test('none of them: said, with the nearest', () => {
    expect(recommendRecline(fittedSubject(infant({ reclines: RECLINES.slice(3) }))!)).toEqual([
      expect.objectContaining({ kind: 'none', text: 'No permitted recline is sure to meet the target', because: expect.stringContaining('; nearest is Beyond at 50°') as string }),
    ]) // prettier-ignore
  })
})

describe('a forward mode without a line of the maker', () => {
  const forward = (mode: Partial<Mode> = {}, position: object = LEVEL): Case =>
    buildCase({ mode: { ...FORWARD, reclines: RECLINES, ...mode }, position })
  test('those that are not flatter than the ceiling; one that the maker permits in the car is kept', () => {
    expect(told(forward())[0]).toMatchObject({ kind: 'choose', values: ['flat', 'middle', 'upright'] })
    const permitted = [...RECLINES.slice(0, 3), { ...RECLINES[3]!, flatterInCarUntil: { massKg: 13 } }]
    expect(told(forward({ reclines: permitted as never }))[0]).toMatchObject({ values: ['flat', 'middle', 'upright', 'beyond'] }) // prettier-ignore
  })
  test('one exactly at the ceiling is not flatter', () => {
    const at = (shellAngleDeg: number) => told(forward({ reclines: [...RECLINES.slice(0, 1), { id: 'x', label: 'X', shellAngleDeg }] }))[0] // prettier-ignore
    expect([at(45), at(45.1)].map((r) => r && 'values' in r && r.values)).toEqual([['flat', 'x'], ['flat']])
  })
  test('only what the route permits is offered and named', () => {
    const c = buildCase({
      mode: { ...FORWARD, reclines: RECLINES },
      route: buildRoute({ permittedReclines: ['middle', 'upright'] }),
      position: LEVEL,
    })
    expect(told(c)[0]).toMatchObject({ values: ['middle', 'upright'], text: 'One of Middle, Upright' })
  })
  test('where the slope is not known, all that are permitted', () => {
    const c = forward({}, { cushion: { frontEdgeAboveFloorMm: measured(355, 0) } })
    expect(told(c)[0]).toMatchObject({ values: ['flat', 'middle', 'upright', 'beyond'] })
  })
  test('none is upright enough', () => {
    expect(told(forward({ reclines: RECLINES.slice(3) }))).toEqual([
      { setting: 'recline', kind: 'none', text: 'No permitted recline is upright enough here' },
    ])
  })
  test('a mode without reclines asks for nothing but the wedge to stay out', () => {
    expect(told(forward({ reclines: [], wedge: WEDGE }))).toEqual([NO_WEDGE])
    expect(told(forward({ reclines: [] }))).toEqual([])
  })
})

describe('the seat in front comes to where the shell reaches', () => {
  const touching = (over: Parameters<typeof buildCase>[0] = {}) => {
    const c = buildCase({ ...over, position: { frontClearanceMm: measured(900, 5), ...over.position }, mode: { shellLengthMm: 600, footFromBackrestMm: 100, ...over.mode }, settings: { recline: { value: 'r1', at: 2 as never } } }) // prettier-ignore
    const [model] = c.restraints
    const mode = model!.modes[0]!
    return { ...c, restraints: [{ ...model!, modes: [{ ...mode, routes: mode.routes.map((r) => ({ ...r, frontSeat: 'must-touch' as const })) }] }] } // prettier-ignore
  }
  const front = (c: Case) => recommendFrontSeat(fittedSubject(c)!)
  const range = (fullyBackMm: number, fullyForwardMm: number) => ({ frontSeatRangeMm: { fullyBackMm, fullyForwardMm } })
  const [room] = front(touching())
  const value = (room as { value: number } | undefined)?.value ?? 0
  test('where its track reaches it, both ends belonging to it', () => {
    expect(room).toMatchObject({ setting: 'frontSeatGapMm', kind: 'set' })
    expect(room?.because).toMatch(
      /^the shell reaches \d+(–\d+)?( ± \d+)? mm from the backrest, and the maker asks for touch$/,
    )
    for (const [from, to, kind] of [
      [value, value + 100, 'set'],
      [value - 100, value, 'set'],
      [value + 1, value + 100, 'none'],
      [value - 100, value - 1, 'none'],
    ] as const)
      expect([from, to, front(touching({ position: range(from, to) }))[0]?.kind]).toEqual([from, to, kind])
  })
  test('behind the driver, as far forward as the tallest drives and no further', () => {
    const behind = (mm: number) => touching({ position: { frontClearanceMm: measured(mm) }, others: [DRIVER] })
    expect(front(behind(value))[0]).toMatchObject({ kind: 'set', value })
    expect(front(behind(value - 1))[0]).toMatchObject({ kind: 'none' })
  })
  test('not where the maker asks for a gap, or leaves it open', () => {
    const { vehicle, restraints, ...c } = touching()
    const asked = (frontSeat: 'must-touch' | 'must-not-touch' | 'either') =>
      front({ ...c, vehicle, restraints: restraints.map((m) => ({ ...m, modes: m.modes.map((mode) => ({ ...mode, routes: mode.routes.map((r) => ({ ...r, frontSeat })) })) })) } as Case).length // prettier-ignore
    expect([asked('must-touch'), asked('must-not-touch'), asked('either')]).toEqual([1, 0, 0])
  })
  test('not in the front row, not forward, not where the maker leaves it open', () => {
    expect(front(touching({ position: { row: 1 } }))).toEqual([])
    expect(front(touching({ mode: FORWARD }))).toEqual([])
    expect(front(buildCase())).toEqual([])
  })
})

describe('what leaves no room before the shell is not recommended', () => {
  // ℓ = 600 and x₀ = 200 on a level cushion, band 20 to 35°: 30° reaches 500 mm; 15° 355 mm, and 416 mm on the wedge.
  const of = (
    degs: readonly number[],
    clearMm: number,
    over: { readonly mode?: Partial<Mode>; readonly frontSeat?: 'must-not-touch' | 'must-touch' | undefined } = {},
  ) => {
    const reclines = degs.map((d) => ({ id: `r${d}`, label: `R${d}`, shellAngleDeg: d }))
    const { frontSeat } = { frontSeat: 'must-not-touch' as const, ...over }
    const c = buildCase({
      mode: { shellLengthMm: 600, footFromBackrestMm: 200, ...over.mode, reclines },
      route: buildRoute({ frontSeat }),
      position: { ...LEVEL, frontClearanceMm: measured(clearMm) },
      practice: { olderRearwardRecline: 'most-reclined' },
    })
    return told(c).map((r) => ('value' in r ? r.value : r.text))
  }
  const NO_ROOM = 'No recline meets target and room together'
  test.each<[string, readonly unknown[], readonly unknown[]]>([
    ['both have it: the more reclined', of([24, 30], 560), ['r30']],
    ['the more reclined has none', of([24, 30], 490), ['r24']],
    ['neither has', of([24, 30], 300), [NO_ROOM]],
    ['a wedge that takes it', of([15], 400, { mode: { wedge: WEDGE } }), [NO_ROOM]],
    ['a wedge that leaves it', of([15], 470, { mode: { wedge: WEDGE } }), ['r15', true]],
    [
      'the maker asks for touch: the seat in front closes a gap',
      of([24, 30], 900, { frontSeat: 'must-touch' }),
      ['r30'],
    ],
    ['the maker is silent on touching', of([24, 30], 300, { frontSeat: undefined }), ['r30']],
    ['forward nothing stands before it', of([24, 30], 300, { mode: { ...FORWARD, targetAngleDeg: { from: 20, to: 35 } } }), ['r30']], // prettier-ignore
  ])('%s', (_, said, values) => expect(said).toEqual(values))
})

describe('which of the angles in a band is wanted', () => {
  const band = (over: object) => ({ fromDeg: 38, toDeg: 45, statedBy: 'practice', because: 'usual', ...over }) as never
  const of = (
    b: never,
    angles: readonly number[],
    olderRearwardRecline: 'most-reclined' | 'most-upright' = 'most-reclined',
  ) =>
    angles.toSorted((x, y) => {
      const prefer = anglePreference({ practice: { olderRearwardRecline } as never }, b)
      return prefer({ lo: y, hi: y }) - prefer({ lo: x, hi: x })
    })
  const YOUNG = [39, 41, 44.5]
  const OLDER = [21, 27, 34.5]
  test('of the young the one with most room to both ends', () => {
    expect(of(band({}), YOUNG)).toEqual([41, 39, 44.5])
    expect(of(band({}), YOUNG, 'most-upright')).toEqual([41, 39, 44.5])
  })
  test('of an older child as the practice profile says, in a band of the profile’s that ends at 35° or before', () => {
    expect(of(band({ fromDeg: 20, toDeg: 35 }), OLDER)).toEqual([34.5, 27, 21])
    expect(of(band({ fromDeg: 20, toDeg: 35 }), OLDER, 'most-upright')).toEqual([21, 27, 34.5])
    expect(of(band({ fromDeg: 20, toDeg: 35.5 }), OLDER, 'most-upright')).toEqual([27, 21, 34.5])
  })
  test('a maker’s own band is aimed at its middle, however upright it is', () => {
    expect(of(band({ fromDeg: 20, toDeg: 35, statedBy: 'maker' }), OLDER)).toEqual([27, 21, 34.5])
    expect(of(band({ fromDeg: 20, toDeg: 35, statedBy: 'maker' }), OLDER, 'most-upright')).toEqual([27, 21, 34.5])
  })
})
test('of a shell to lie in, nobody need look up how it reclines', () => {
  const asked = (shape: 'seat' | 'lie-flat') =>
    told(buildCase({ mode: { shape, reclines: undefined }, unstated: true })).map((r) => r.text)
  expect(asked('seat')).toEqual(['Look up the recline positions'])
  expect(asked('lie-flat')).toEqual([])
})
test('where the route permits no recline at all, none is called the nearest', () => {
  const c = buildCase({ mode: { reclines: RECLINES }, route: buildRoute({ permittedReclines: [] }), position: LEVEL })
  const [said] = recommendRecline(fittedSubject(c)!)
  expect(said).toMatchObject({ kind: 'none', text: 'No permitted recline is sure to meet the target' })
  expect(said?.because).toMatch(/^cushion slope 0°, target \d+–\d+° \([^)]+\)$/)
})

describe('the wedge is put in only where no recline reaches the target without it', () => {
  const of = (degs: readonly number[], over: object = {}) =>
    told(buildCase({ mode: { wedge: WEDGE, reclines: degs.map((d) => ({ id: `r${d}`, label: `R${d}`, shellAngleDeg: d })), ...over }, position: LEVEL })).map((r) => ('value' in r ? r.value : r.kind)) // prettier-ignore
  // It tilts by 6° in a band from 20 to 35°; this profile wants the most upright.
  test.each<[string, readonly number[], object, readonly unknown[]]>([
    ['both reach it: without', [30, 33], {}, ['r30', false]],
    ['one more upright would need it: without', [15, 33], {}, ['r33', false]],
    ['only with it', [15], {}, ['r15', true]],
    ['none may be put in', [15], { wedge: undefined }, ['none']],
    ['none may be put in, nor is needed', [30], { wedge: undefined }, ['r30']],
    ['one that the maker forbids', [30], { wedge: { ...WEDGE, allowed: false } }, ['r30']],
    ['neither reaches it', [60], {}, ['none']],
    ['the lower end belongs to it', [20], {}, ['r20', false]],
    ['the upper end too', [35], {}, ['r35', false]],
    ['just under it: with', [19.9], {}, ['r19.9', true]],
    ['just over it', [35.1], { wedge: undefined }, ['none']],
  ])('%s', (_, degs, over, values) => {
    expect(of(degs, over)).toEqual(values)
  })
})
