import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'slack-mm',
  stage: 'child-in',
  kind: 'number',
  unit: 'mm',
  min: 0,
  max: 150,
  defaultPlusMinus: 2,
  neverGood: { above: 60 },
  answers: { 'one-finger': { from: 0, to: 15 }, 'two-fingers': { from: 16, to: 25 }, more: { from: 26, to: 150 } },
  instrument: 'strap-gauge',
  of: ['slack'],
  puttingRight: ['slack', 'coat-hides-mm'],
})
