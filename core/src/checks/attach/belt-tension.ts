import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'belt-tension',
  stage: 'attach',
  kind: 'options',
  options: { tight: 'pass', slack: 'fail', unsure: 'undecided' },
  of: ['belt-held'],
  puttingRight: ['belt', 'steadiness', 'angle'],
})
