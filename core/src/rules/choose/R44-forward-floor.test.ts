import { buildCase, FORWARD, kindOf, byMass } from '../../../test/build.ts'
import { measured } from '../../index.ts'

test.each([
  [8.9, 0, 'fail'],
  [9, 0, 'pass'],
  [9, 0.1, 'undecided'],
])('UN R44 forward at %s ± %s kg: %s, whatever the mode’s own range', (kg, u, kind) => {
  const mode = { ...FORWARD, ...byMass(['I'], { massKg: { from: 8, to: 18 } }) }
  expect(kindOf('R44-forward-floor', buildCase({ mode, child: { massKg: measured(kg, u) } }))).toBe(kind)
})
