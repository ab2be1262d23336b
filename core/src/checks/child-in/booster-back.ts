import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'booster-back',
  stage: 'child-in',
  kind: 'options',
  options: { against: 'pass', away: 'fail', unsure: 'undecided' },
  of: ['booster', 'attachment'],
  puttingRight: ['booster', 'head-position', 'latches'],
})
