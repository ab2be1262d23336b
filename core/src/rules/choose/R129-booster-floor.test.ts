import { buildCase, BOOSTER, kindOf, byMass } from '../../../test/build.ts'
import { measured, type Mode } from '../../index.ts'

const CUSHION: Partial<Mode> = { ...BOOSTER, shape: 'booster-cushion', statureCm: { from: 115, to: 150 } }
const LOW: Partial<Mode> = { ...BOOSTER, statureCm: { from: 95, to: 150 } }

test.each([
  ['booster', 99.9, 0, 'fail'],
  ['booster', 100, 0, 'pass'],
  ['booster', 100, 0.5, 'undecided'],
  ['cushion', 124.9, 0, 'fail'],
  ['cushion', 125, 0, 'pass'],
] as const)('a %s at %s ± %s cm: %s, whatever the mode’s own range', (shape, cm, u, kind) => {
  const mode = shape === 'cushion' ? CUSHION : LOW
  expect(kindOf('R129-booster-floor', buildCase({ mode, child: { statureCm: measured(cm, u) } }))).toBe(kind)
})

test('says nothing of a harness, nor of UN R44', () => {
  expect(kindOf('R129-booster-floor', buildCase())).toBe('not-applicable')
  expect(kindOf('R129-booster-floor', buildCase({ mode: { ...BOOSTER, ...byMass(['II']) } }))).toBe('not-applicable')
})
