import { Sequence } from '../../ground/index.ts'
import { ask, buildCase, kindOf } from '../../../test/build.ts'
import { inRide, other, REST_OF_CAR } from '../../../test/ride.ts'
import type { Case } from '../../index.ts'

const RULE = 'front-seat-shared'
const onFront = other(200, { positionIds: ['front-left'] })
const behind = (gapMm: number | undefined, over: Parameters<typeof buildCase>[0] = {}): Case =>
  buildCase({
    others: REST_OF_CAR,
    position: { frontSeatRangeMm: { fullyBackMm: 640, fullyForwardMm: 860 } },
    settings: gapMm === undefined ? {} : { frontSeatGapMm: { value: gapMm, at: Sequence(2) } },
    ...over,
  })

test.each([
  [640, 'pass'],
  [650, 'pass'],
  [651, 'fail'],
  [700, 'fail'],
  [600, 'pass'],
])('somebody rides on the seat in front, set %s mm away, fully back at 640: %s', (gapMm, kind) => {
  expect(kindOf(RULE, inRide(behind(gapMm), [onFront]))).toBe(kind)
})

test('how the seat stands, and where fully back is, are asked', () => {
  expect(ask(RULE, inRide(behind(undefined), [onFront]))).toMatchObject({ kind: 'undecided', missing: ['setting.frontSeatGapMm'] }) // prettier-ignore
  expect(ask(RULE, inRide(behind(640, { position: {} }), [onFront]))).toMatchObject({ kind: 'undecided', missing: ['position.frontClearanceMm'] }) // prettier-ignore
})

test.each<[string, Case]>([
  ['nobody on it', inRide(behind(700), [])],
  ['an adult on it, who may sit forward', inRide(behind(700), [{ ...onFront, kind: 'adult', holdsSeatBack: false }])],
  ['somebody in the same row', inRide(behind(700), [other(200)])],
  ['no ride', behind(700)],
])('%s: not asked', (_, c) => {
  expect(kindOf(RULE, c)).toBe('not-applicable')
})
