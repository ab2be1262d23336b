import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'crown-below-edge-mm',
  stage: 'child-in',
  kind: 'number',
  unit: 'mm',
  min: -150,
  max: 400,
  defaultPlusMinus: 3,
  neverGood: { below: 0 },
  of: ['head-position'],
  puttingRight: ['head-position', 'strap-exit', 'slack'],
})
