import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'latch-right',
  stage: 'attach',
  kind: 'options',
  options: { latched: 'pass', open: 'fail', unsure: 'undecided' },
  notesBefore: true,
  isProof: true,
  of: ['latches'],
  puttingRight: ['attachment'],
})
