import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'booster-path',
  stage: 'child-in',
  kind: 'options',
  options: { 'as-listed': 'pass', 'guide-missed': 'fail', unsure: 'undecided' },
  of: ['booster-belt'],
  puttingRight: ['booster-belt'],
})
