import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'booster-twist',
  stage: 'child-in',
  kind: 'options',
  options: { none: 'pass', twisted: 'fail', unsure: 'undecided' },
  of: ['booster-belt'],
  puttingRight: ['booster-belt'],
})
