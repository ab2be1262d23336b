import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'belt-runs',
  stage: 'child-in',
  kind: 'options',
  options: { free: 'pass', ratchets: 'by-rule', unsure: 'undecided' },
  of: ['booster-belt'],
  puttingRight: ['belt-slack', 'lap-section', 'diagonal', 'booster-twist'],
})
