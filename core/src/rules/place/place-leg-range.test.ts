import { ask, buildCase, kindOf } from '../../../test/build.ts'
import { measured } from '../../index.ts'

const floorAt = (mm: number, plusMinus = 2) =>
  buildCase({ position: { cushion: { frontEdgeAboveFloorMm: measured(mm, plusMinus) } } })

// The leg goes from 300 to 480 mm and stands upright.
test.each([
  [250, 'fail'],
  [297, 'fail'],
  [299, 'undecided'],
  [302, 'pass'],
  [478, 'pass'],
  [481, 'undecided'],
  [483, 'fail'],
  [520, 'fail'],
])('place-leg-range: a floor %s ± 2 mm below: %s', (mm, kind) => {
  expect(ask('place-leg-range', floorAt(mm))).toMatchObject({ kind, unit: 'mm' })
})

test.each([
  [300, 'pass'],
  [299.9, 'fail'],
  [480, 'pass'],
  [480.1, 'fail'],
])('both ends belong to the leg: %s mm exactly: %s', (mm, kind) => {
  expect(kindOf('place-leg-range', floorAt(mm, 0))).toBe(kind)
})

test('an unmeasured floor is asked for where the notch is set, not here', () => {
  expect(kindOf('place-leg-range', buildCase({ position: { cushion: {} } }))).toBe('not-applicable')
})
