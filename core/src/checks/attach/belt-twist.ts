import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'belt-twist',
  stage: 'attach',
  kind: 'options',
  options: { none: 'pass', twisted: 'fail', unsure: 'undecided' },
  of: ['belt'],
  puttingRight: ['belt', 'steadiness'],
})
