import { buildCase, FORWARD, kindOf } from '../../../test/build.ts'
import { measured } from '../../index.ts'

test.each([
  [75.9, 0, 'fail'],
  [76, 0, 'pass'],
  [76, 0.5, 'undecided'],
  [76.5, 0.5, 'pass'],
  [75, 0.5, 'fail'],
])('UN R129 forward at %s ± %s cm: %s', (cm, u, kind) => {
  expect(kindOf('R129-forward-stature', buildCase({ mode: FORWARD, child: { statureCm: measured(cm, u) } }))).toBe(kind)
})
