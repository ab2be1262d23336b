import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'harness-buckle',
  stage: 'child-in',
  kind: 'options',
  options: { held: 'pass', open: 'fail', unsure: 'undecided' },
  isProof: true,
  of: ['harness'],
  puttingRight: ['harness'],
})
