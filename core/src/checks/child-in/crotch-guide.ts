import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'crotch-guide',
  stage: 'child-in',
  kind: 'options',
  options: { through: 'pass', beside: 'fail', unsure: 'undecided' },
  of: ['booster-belt'],
  puttingRight: ['lap-section', 'belt-slack', 'booster-path'],
})
