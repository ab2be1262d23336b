import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'carry-handle',
  stage: 'attach',
  kind: 'options',
  options: { travel: 'pass', other: 'fail', unsure: 'undecided' },
  of: [],
  puttingRight: [],
})
