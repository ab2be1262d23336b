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
  answers: { slack: { from: 0, to: 0 }, 'under-finger': { from: 1, to: 14 }, finger: { from: 15, to: 200 } },
  of: ['tether-run'],
  puttingRight: ['tether', 'steadiness'],
})
