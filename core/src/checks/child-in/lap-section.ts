import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'lap-section',
  stage: 'child-in',
  kind: 'options',
  options: { low: 'pass', belly: 'fail', 'over-rest': 'fail', unsure: 'undecided' },
  of: ['booster-belt'],
  puttingRight: ['belt-slack', 'diagonal', 'belt-path'],
})
