import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'steadiness-mm',
  stage: 'attach',
  kind: 'number',
  unit: 'mm',
  min: 0,
  max: 300,
  defaultPlusMinus: 3,
  neverGood: { above: 60 },
  of: ['steadiness'],
  puttingRight: ['attachment'],
})
