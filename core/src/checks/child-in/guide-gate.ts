import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'guide-gate',
  stage: 'child-in',
  kind: 'options',
  options: { in: 'pass', open: 'fail', unsure: 'undecided' },
  of: ['booster-belt'],
  puttingRight: ['diagonal', 'belt-slack', 'booster-path'],
})
