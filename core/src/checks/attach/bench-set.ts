import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'bench-set',
  stage: 'attach',
  kind: 'options',
  options: { set: 'pass', other: 'fail', unsure: 'undecided' },
  of: [],
  puttingRight: ['attachment', 'seat-fully-back'],
})
