import { buildCase, kindOf, byMass } from '../../../test/build.ts'
import { measured } from '../../index.ts'

test('a maker’s stature range binds a UN R44 mode', () => {
  const mode = byMass(['I'], { statureCm: { to: 98 } })
  expect(kindOf('maker-stature-range', buildCase({ mode, child: { statureCm: measured(98) } }))).toBe('pass')
  expect(kindOf('maker-stature-range', buildCase({ mode, child: { statureCm: measured(98.1) } }))).toBe('fail')
})
