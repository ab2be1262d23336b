import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'knees',
  stage: 'child-in',
  kind: 'options',
  options: { bend: 'pass', short: 'fail', unsure: 'undecided' },
  of: ['booster'],
  puttingRight: ['booster', 'head-position'],
})
