import { ModelId, Sequence } from '../../ground/index.ts'
import { ask, BELT_ROUTE, buildCase, kindOf } from '../../../test/build.ts'
import { half, inRide, other, REST_OF_CAR } from '../../../test/ride.ts'
import { reasonOf, severityOf, type Case } from '../../index.ts'
import { ruleById } from '../../../test/build.ts'

const RULE = 'place-room-beside'

/** Rear left, its middle 380 mm left of Wren's; held by ISOFIX, so that it stands where it stands. */
const beside = (ownHalfMm: number | undefined, over: Parameters<typeof buildCase>[0] = {}): Case =>
  buildCase({
    others: REST_OF_CAR,
    ...over,
    mode: { ...(ownHalfMm !== undefined && { halfWidths: half(ownHalfMm) }), widthMm: undefined, ...over.mode },
  })

test.each([
  [190, 190, 'pass'],
  [190, 190.1, 'fail'],
  [200, 180, 'pass'],
  [200, 181, 'fail'],
])('%s mm to its side and %s mm of the neighbour, middles 380 mm apart: %s', (own, neighbour, kind) => {
  expect(kindOf(RULE, inRide(beside(own), [other(neighbour)]))).toBe(kind)
})

test.each([
  [170, 'pass'],
  [160, 'pass'],
  [171, 'fail'],
])('a buckle between them asks for 30 mm more: neighbour %s mm, %s', (neighbour, kind) => {
  expect(kindOf(RULE, inRide(beside(180), [other(neighbour, { needsHand: true })]))).toBe(kind)
})

test.each([
  [190, 20, 'pass'],
  [200, 20, 'pass'],
  [210, 20, 'pass'],
  [210.1, 20, 'fail'],
  [200, 9, 'fail'],
  [200, 10, 'pass'],
])('a neighbour of %s mm that may be moved over by %s mm: %s', (neighbour, playMm, kind) => {
  expect(kindOf(RULE, inRide(beside(190), [other(neighbour, { playMm })]))).toBe(kind)
})

test('all of a row stand within their play at once, not two by two', () => {
  const third = other(190, { id: 'col', positionIds: ['rear-right'] })
  // Moved to the right by 20 mm the middle one clears the left, and no longer the right.
  expect(kindOf(RULE, inRide(beside(190), [other(200, { playMm: 20 })]))).toBe('pass')
  expect(kindOf(RULE, inRide(beside(190), [other(200, { playMm: 20 }), third]))).toBe('fail')
  expect(kindOf(RULE, inRide(beside(190), [other(190, { playMm: 20 }), third]))).toBe('pass')
})

describe('what is not known never clears', () => {
  const open = { kind: 'undecided', severity: 'advise', missing: ['check.room-beside'], settledBy: 'room-beside' }
  test.each<[string, Case]>([
    ['it is not chosen what rides beside', inRide(beside(190), [other(undefined)])],
    ['own width', inRide(beside(undefined), [other(190)])],
    ['the middle of the neighbour’s place', inRide(beside(190, { others: [{ ...REST_OF_CAR[0]!, lateralCentreMm: undefined }] }), [other(100)])], // prettier-ignore
    ['own middle', inRide(beside(190, { position: { lateralCentreMm: undefined } }), [other(100)])],
  ])('%s: open, and a look settles it', (_, c) => {
    expect(ask(RULE, c)).toMatchObject(open)
  })
  test('seen clear, it no longer holds anything up; seen before it was changed, it is open again', () => {
    const seen = {
      ...inRide(beside(undefined), [other(190)]),
      readings: { 'room-beside': { option: 'clear', at: Sequence(9) } },
    }
    expect(ask(RULE, seen).kind).toBe('pass')
    expect(ask(RULE, { ...seen, disturbances: { beside: { at: Sequence(10) } } })).toMatchObject(open)
  })
  test('an outside width alone clears where it is narrow enough, and never refuses', () => {
    const c = (widthMm: number): Case => inRide(beside(undefined, { mode: { widthMm } }), [other(190)])
    expect(ask(RULE, c(380)).kind).toBe('pass')
    expect(ask(RULE, c(381))).toMatchObject(open)
  })
})

test('a place where somebody rides already is refused', () => {
  const c = inRide(beside(100), [other(100, { positionIds: ['rear-left'] })])
  const outcome = ask(RULE, c)
  expect(outcome.kind).toBe('fail')
  expect(severityOf({ rule: ruleById(RULE), outcome })).toBe('stop')
  expect(reasonOf({ ...outcome, says: { ...outcome.says, rule: RULE } })).toBe(
    'Somebody else on this ride sits at this place.',
  )
})

test.each<[string, NonNullable<Case['ride']>['own'], string]>([
  ['cup holder on', {}, 'fail'],
  ['cup holder off', { isExtraOff: true }, 'pass'],
])('%s', (_, own, kind) => {
  const c = beside(190, { mode: { extraWidthMm: { side: 'both', mm: 40 } } })
  expect(kindOf(RULE, inRide(c, [other(190)], own))).toBe(kind)
})

test.each([
  [380, 'pass'],
  [400, 'fail'],
])('the width setting that is set: %s mm outside, %s', (outsideMm, kind) => {
  const mode = { widthMm: 380, halfWidths: half(190), widthSettings: [{ id: 'n', label: 'n', outsideMm: 380 }, { id: 'w', label: 'w', outsideMm: 400 }] } // prettier-ignore
  const c = beside(undefined, { mode })
  expect(kindOf(RULE, inRide(c, [other(190)], { outsideMm }))).toBe(kind)
})

test('whoever rides alone, or in another row, is asked nothing', () => {
  expect(kindOf(RULE, beside(190))).toBe('not-applicable')
  expect(kindOf(RULE, inRide(beside(190), [other(400, { positionIds: ['front-left'] })]))).toBe('not-applicable')
})

test('a belt has play, and a buckle to reach', () => {
  const c = buildCase({ others: REST_OF_CAR, mode: { halfWidths: half(190), widthMm: undefined }, route: { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, sidewaysPlayMm: 30 } } }) // prettier-ignore
  expect(kindOf(RULE, inRide(c, [other(190)]))).toBe('pass')
  expect(kindOf(RULE, inRide(c, [other(191)]))).toBe('fail')
})

describe('what was said of it says nothing of anything else', () => {
  const wide = (own: NonNullable<Case['ride']>['own']) =>
    inRide(beside(190, { mode: { extraWidthMm: { side: 'both', mm: 40 } } }), [other(190)], own)
  test.each<[string, NonNullable<NonNullable<Case['ride']>['own']>['of'] | undefined]>([
    ['another mode', { modelId: ModelId('halyard'), modeId: 'another', positionId: 'rear-left' }],
    ['another restraint', { modelId: ModelId('another'), modeId: wide({}).choice.modeId, positionId: 'rear-left' }],
    ['nobody knows what', undefined],
  ])('cup holder off, said of %s', (_, of) => {
    expect(kindOf(RULE, wide({ isExtraOff: true }))).toBe('pass')
    expect(kindOf(RULE, wide({ isExtraOff: true, of }))).toBe('fail')
  })
})

describe('one that lies across two places', () => {
  const ROW = REST_OF_CAR.filter((p) => p.row === 2)
  test('beside it, its middle is not known until both its places are', () => {
    const half = (positionIds: string[]) => other(300, { positionIds, isAcross: true })
    expect(ask(RULE, inRide(beside(100), [half(['rear-centre'])]))).toMatchObject({ kind: 'undecided', severity: 'advise' }) // prettier-ignore
    expect(kindOf(RULE, inRide(beside(100), [half(['rear-centre', 'rear-right'])]))).toBe('pass')
    expect(kindOf(RULE, inRide(beside(300), [half(['rear-centre', 'rear-right'])]))).toBe('fail')
  })
  test('itself in the middle of three, nobody knows to which side it reaches', () => {
    const c = buildCase({ position: { id: 'rear-centre', side: 'centre', lateralCentreMm: 0 }, others: [...ROW.slice(1), buildCase().vehicle!.positions[0]!], mode: { direction: 'lateral', halfWidths: half(300) } }) // prettier-ignore
    const right = other(100, { positionIds: ['rear-right'] })
    expect(kindOf(RULE, inRide(c, [right]))).toBe('undecided')
    expect(kindOf(RULE, inRide(c, [right], { secondPositionId: 'rear-left' }))).toBe('pass')
    expect(kindOf(RULE, inRide(c, [right], { secondPositionId: 'rear-right' }))).toBe('fail')
    // Said of another place, it says nothing of this one.
    expect(kindOf(RULE, inRide(c, [right], { secondPositionId: 'rear-left', of: { positionId: 'rear-left' } }))).toBe('undecided') // prettier-ignore
  })
})

test('one of whom nobody has said where they sit may be beside it: open, and looked at', () => {
  const c = inRide(beside(190), [other(100, { positionIds: [] })])
  expect(ask(RULE, c)).toMatchObject({ kind: 'undecided', severity: 'advise', settledBy: 'room-beside' })
  expect(kindOf('room-beside', c)).toBe('undecided')
})

describe('figures of it', () => {
  const said = (c: Case) => {
    const outcome = ask(RULE, c)
    return [outcome.margin, reasonOf({ ...outcome, says: { ...outcome.says, rule: RULE } })]
  }
  test.each<[string, Case, number | undefined, string]>([
    ['room', inRide(beside(190), [other(180)]), 10, 'at the buckles; 10 mm to spare at the tightest.'],
    ['none to spare', inRide(beside(190), [other(190)]), 0, '0 mm to spare at the tightest.'],
    ['too wide', inRide(beside(190), [other(202)]), -12, 'they overlap by 12 mm however they are moved over.'],
    [
      'too wide, and moved over',
      inRide(beside(190), [other(202, { playMm: 5 })]),
      -7,
      'they overlap by 7 mm however they are moved over.',
    ],
    [
      'no room for a hand',
      inRide(beside(180), [other(190, { needsHand: true })]),
      -20,
      'No hand reaches the buckle between it and what is at Rear middle: 20 mm too little room.',
    ],
  ])('%s', (_, c, margin, reason) => {
    expect(said(c)).toEqual([margin, expect.stringContaining(reason)])
  })
  test('against the trim of a door it is said so', () => {
    const c = inRide(beside(190), [other(100)])
    const narrow = { ...c, vehicle: { ...c.vehicle!, rows: [{ row: 2, trimLeftMm: 560, trimRightMm: 700 }] } }
    expect(said(narrow)).toEqual([undefined, expect.stringContaining('one of them presses on the trim')])
    const wide = { ...c, vehicle: { ...c.vehicle!, rows: [{ row: 2, trimLeftMm: 570, trimRightMm: 700 }] } }
    expect(ask(RULE, wide).kind).toBe('pass')
  })
})

test('a pod stands on the side of the door, where nobody sits', () => {
  const extraWidthMm = { side: 'both', mm: 40 } as const
  const at = (sidePod: boolean) => inRide(beside(190, { mode: { sidePod, extraWidthMm } }), [other(190)])
  expect(kindOf(RULE, at(true))).toBe('pass')
  expect(kindOf(RULE, at(false))).toBe('fail')
})

describe('the hand at a buckle of one that lies across two places reaches for either of their buckles', () => {
  const [centre, right] = REST_OF_CAR
  const belt = (buckleSide: 'left' | 'right') => ({ ...centre!.belt!, buckleSide })
  test.each([
    [350, 'pass'],
    [351, 'fail'],
  ])('on its left, %s mm: %s', (mm, kind) => {
    const others = [{ ...centre!, belt: belt('right') }, right!]
    const across = other(mm, { positionIds: ['rear-centre', 'rear-right'], isAcross: true, needsHand: true })
    expect(kindOf(RULE, inRide(beside(190, { others }), [across]))).toBe(kind)
  })
  test.each([
    [350, 'pass'],
    [351, 'fail'],
  ])('on its right, %s mm: %s', (mm, kind) => {
    const left = buildCase().vehicle!.positions[0]!
    const others = [left, { ...centre!, belt: belt('left') }]
    const across = other(mm, { positionIds: ['rear-left', 'rear-centre'], isAcross: true, needsHand: true })
    expect(kindOf(RULE, inRide(beside(190, { position: right!, others }), [across]))).toBe(kind)
  })
})
