import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'lower-tethers',
  stage: 'attach',
  kind: 'options',
  options: { tight: 'pass', loose: 'fail', unsure: 'undecided' },
  isProof: true,
  of: ['lower-straps'],
  puttingRight: ['lower-straps', 'steadiness', 'angle'],
})
