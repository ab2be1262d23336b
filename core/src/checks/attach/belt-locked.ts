import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'belt-locked',
  stage: 'attach',
  kind: 'options',
  options: { locked: 'pass', runs: 'fail', unsure: 'undecided' },
  isProof: true,
  of: ['belt-held'],
  puttingRight: ['belt', 'steadiness', 'angle'],
})
