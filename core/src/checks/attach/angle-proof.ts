import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'angle-proof',
  stage: 'attach',
  kind: 'options',
  options: { good: 'pass', off: 'fail', unsure: 'undecided' },
  isProof: true,
  of: ['angle'],
  puttingRight: ['angle', 'latches', 'leg', 'tether-run', 'head-position', 'belt-held', 'steadiness', 'front-seat'],
})
