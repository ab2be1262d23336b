import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'slack-pinch',
  stage: 'child-in',
  kind: 'options',
  options: { none: 'pass', fold: 'fail', unsure: 'undecided' },
  of: ['slack'],
  puttingRight: ['slack', 'coat-hides-mm'],
})
