import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'rebound-bar',
  stage: 'attach',
  kind: 'options',
  options: { 'last-click': 'pass', short: 'fail', unsure: 'undecided' },
  isProof: true,
  of: ['attachment'],
  puttingRight: ['attachment'],
})
