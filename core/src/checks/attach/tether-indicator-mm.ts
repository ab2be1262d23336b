import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'tether-indicator-mm',
  stage: 'attach',
  kind: 'number',
  unit: 'mm',
  min: 0,
  max: 200,
  defaultPlusMinus: 2,
  neverGood: { below: 1 },
  of: ['tether-run'],
  puttingRight: ['tether', 'steadiness'],
})
