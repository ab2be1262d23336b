import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'leg-indicator',
  stage: 'attach',
  kind: 'options',
  options: { good: 'pass', bad: 'fail', unsure: 'undecided' },
  notesBefore: true,
  isProof: true,
  of: ['leg'],
  puttingRight: ['leg', 'angle', 'latches', 'gaps', 'steadiness'],
})
