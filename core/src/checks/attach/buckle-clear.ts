import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'buckle-clear',
  stage: 'attach',
  kind: 'options',
  options: { clear: 'pass', bearing: 'fail', unsure: 'undecided' },
  of: ['buckle'],
  puttingRight: ['belt', 'steadiness'],
})
