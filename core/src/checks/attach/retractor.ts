import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'retractor',
  stage: 'attach',
  kind: 'options',
  options: { 'emergency-locking': 'by-rule', switchable: 'by-rule', static: 'by-rule', unsure: 'undecided' },
  of: [],
  puttingRight: ['belt-locked', 'belt-tension', 'belt-runs', 'steadiness'],
})
