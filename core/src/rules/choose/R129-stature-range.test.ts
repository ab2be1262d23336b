import { buildCase, kindOf } from '../../../test/build.ts'
import { measured } from '../../index.ts'

test.each([
  [60.9, 'fail'],
  [61, 'pass'],
  [105, 'pass'],
  [105.1, 'fail'],
])('a mode for 61–105 cm at %s cm: %s', (cm, kind) => {
  expect(kindOf('R129-stature-range', buildCase({ child: { statureCm: measured(cm) } }))).toBe(kind)
})
