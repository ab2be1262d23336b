import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'belt-slack',
  stage: 'child-in',
  kind: 'options',
  options: { none: 'pass', slack: 'fail', unsure: 'undecided' },
  of: ['booster-belt'],
  puttingRight: ['lap-section', 'diagonal', 'belt-runs'],
})
