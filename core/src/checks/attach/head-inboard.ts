import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'head-inboard',
  stage: 'attach',
  kind: 'options',
  options: { inboard: 'pass', 'at-door': 'fail', unsure: 'undecided' },
  of: [],
  puttingRight: ['attachment'],
})
