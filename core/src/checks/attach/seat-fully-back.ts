import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'seat-fully-back',
  stage: 'attach',
  kind: 'options',
  options: { back: 'pass', forward: 'fail', unsure: 'undecided' },
  of: [],
  puttingRight: ['attachment'],
})
