import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'guide-above-shoulder-mm',
  stage: 'child-in',
  kind: 'number',
  unit: 'mm',
  min: -200,
  max: 300,
  defaultPlusMinus: 3,
  neverGood: { below: -50, above: 100 },
  of: ['booster-belt'],
  puttingRight: ['guide-gate', 'diagonal', 'head-position', 'belt-slack'],
})
