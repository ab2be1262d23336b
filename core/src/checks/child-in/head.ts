import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'head',
  stage: 'child-in',
  kind: 'options',
  options: { inside: 'pass', above: 'fail', unsure: 'undecided' },
  of: ['head-position'],
  puttingRight: ['head-position', 'strap-exit', 'slack', 'guide-above-shoulder-mm', 'diagonal'],
})
