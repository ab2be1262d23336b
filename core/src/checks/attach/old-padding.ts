import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'old-padding',
  stage: 'attach',
  kind: 'options',
  options: { none: 'pass', 'still-in': 'fail', unsure: 'undecided' },
  of: [],
  puttingRight: ['slack', 'head-position', 'strap-exit'],
})
