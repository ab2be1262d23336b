import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'belt-buckle',
  stage: 'child-in',
  kind: 'options',
  options: { held: 'pass', open: 'fail', unsure: 'undecided' },
  isProof: true,
  of: ['booster-belt'],
  puttingRight: ['belt-slack', 'belt-runs', 'lap-section', 'diagonal'],
})
