import { buildCase, FORWARD } from '../../test/build.ts'
import { Sequence } from '../ground/index.ts'
import { fittedSubject, measured, type Case } from '../index.ts'
import { angleNow, angleWorkedOut } from './angle-now.ts'
import { frontRoomNow } from './front-room-now.ts'

const WEDGE = { allowed: true, heightMm: 40, baseLengthMm: 380 } as const
const SLOPE = { cushion: { slopeDeg: measured(12, 0), frontEdgeAboveFloorMm: measured(355, 0) } }
const set = (settings: object): Case['settings'] => Object.fromEntries(Object.entries(settings).map(([id, value]) => [id, { value: value as unknown, at: Sequence(2) }])) as never // prettier-ignore
const of = (over: Parameters<typeof buildCase>[0], settings: object = { recline: 'r1' }) =>
  angleWorkedOut(fittedSubject(buildCase({ position: SLOPE, ...over, settings: set(settings) }))!)
const degrees = (worked: ReturnType<typeof of>) =>
  'lo' in worked ? [worked.lo, worked.hi].map((x) => Math.round(x * 10) / 10) : worked

test.each<[string, Parameters<typeof buildCase>[0], object, readonly unknown[]]>([
  ['rearward a slope takes from it', {}, { recline: 'r1' }, [24, 24]],
  ['forward it adds', { mode: FORWARD }, { recline: 'r1' }, [32, 32]],
  ['the slope as closely as it is known', { position: { cushion: { slopeDeg: measured(12, 1) } } }, { recline: 'r1' }, [23, 25]],
  ['the wedge in', { mode: { wedge: WEDGE } }, { recline: 'r1', wedge: true }, [30, 30]],
  ['the wedge out', { mode: { wedge: WEDGE } }, { recline: 'r1', wedge: false }, [24, 24]],
  ['a wedge that may be in', { mode: { wedge: WEDGE } }, { recline: 'r1' }, ['setting.wedge']],
  ['one that is not allowed', { mode: { wedge: { ...WEDGE, allowed: false } } }, { recline: 'r1' }, [24, 24]],
  ['a mode without one, said to be in', {}, { recline: 'r1', wedge: true }, [24, 24]],
  ['no recline set', {}, {}, ['setting.recline']],
  ['a recline that the mode does not have', {}, { recline: 'r9' }, ['setting.recline']],
  ['no slope', { position: { cushion: {} } }, { recline: 'r1' }, ['position.cushionSlopeDeg']],
  ['neither', { position: { cushion: {} } }, {}, ['setting.recline', 'position.cushionSlopeDeg']],
  ['reclines that nobody has read', { mode: { reclines: undefined }, unstated: true }, {}, ['mode.reclines']],
  ['a shell that does not recline', { mode: { reclines: [] } }, {}, ['check.shell-angle-deg']],
])('%s', (_, over, settings, worked) => {
  expect(degrees(of(over, settings))).toEqual(worked)
}) // prettier-ignore

test('a reading in the car stands before what is worked out; without it the needs stand', () => {
  const read = { 'shell-angle-deg': { number: measured(29, 1), at: Sequence(3) } } as never
  const now = (over: Parameters<typeof buildCase>[0]) => angleNow(fittedSubject(buildCase({ position: SLOPE, ...over }))!)
  expect(now({ settings: set({ recline: 'r1' }), readings: read })).toMatchObject({ how: 'measured', angle: { lo: 28, hi: 30 } })
  expect(now({ settings: set({ recline: 'r1' }) })).toMatchObject({ how: 'worked-out' })
  expect(now({})).toEqual(['setting.recline'])
}) // prettier-ignore

describe('room in front of the shell', () => {
  const room = (settings: object, over: { mode?: object; position?: object } = {}) =>
    frontRoomNow(fittedSubject(buildCase({ mode: { shellLengthMm: 600, footFromBackrestMm: 100, ...over.mode }, position: { ...SLOPE, frontClearanceMm: measured(900, 5), ...over.position }, settings: set({ recline: 'r1', ...settings }) }))!) // prettier-ignore
  test('as the seat in front is set, or as the car leaves it', () => {
    expect(room({})).toMatchObject({ isAsSet: false, distanceMm: { lo: 895, hi: 905 } })
    expect(room({ frontSeatGapMm: 800 })).toMatchObject({ isAsSet: true, distanceMm: { lo: 800, hi: 800 } })
    expect(room({}, { position: { frontClearanceMm: undefined } })).toBeUndefined()
  })
  test('a slide that nobody recorded may stand anywhere; one recorded beyond its track stands at its end', () => {
    const mode = { slidesOnBaseMm: 80 }
    expect(room({}, { mode })?.slideMm).toEqual({ lo: 0, hi: 80 })
    expect(room({ slideMm: 20 }, { mode })?.slideMm).toEqual({ lo: 20, hi: 20 })
    expect(room({ slideMm: 120 }, { mode })?.slideMm).toEqual({ lo: 80, hi: 80 })
    expect(room({ slideMm: 20 })?.slideMm).toEqual({ lo: 0, hi: 0 })
  })
  test('nothing where the shell’s figures or its angle are not known', () => {
    expect(room({}, { mode: { shellLengthMm: undefined } })).toBeUndefined()
    expect(room({ recline: 'r9' })).toBeUndefined()
  })
})
