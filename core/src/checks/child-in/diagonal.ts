import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'diagonal',
  stage: 'child-in',
  kind: 'options',
  options: { middle: 'pass', neck: 'fail', arm: 'fail', unsure: 'undecided' },
  of: ['booster-belt'],
  puttingRight: ['guide-above-shoulder-mm', 'guide-gate', 'belt-slack', 'booster-path'],
})
