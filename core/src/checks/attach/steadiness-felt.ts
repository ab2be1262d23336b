import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'steadiness-felt',
  stage: 'attach',
  kind: 'options',
  options: { none: 'pass', felt: 'fail', unsure: 'undecided' },
  of: ['steadiness'],
  puttingRight: ['attachment'],
})
