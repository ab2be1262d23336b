import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'coat-hides-mm',
  stage: 'child-in',
  kind: 'number',
  unit: 'mm',
  min: 0,
  max: 150,
  defaultPlusMinus: 2,
  neverGood: { above: 10 },
  instrument: 'strap-gauge',
  of: ['harness'],
  puttingRight: ['harness'],
})
