import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'buckle-above-edge-mm',
  stage: 'attach',
  kind: 'number',
  unit: 'mm',
  min: -200,
  max: 200,
  defaultPlusMinus: 2,
  neverGood: { above: 0 },
  of: ['buckle'],
  puttingRight: ['belt', 'steadiness'],
})
