import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'locking-clip',
  stage: 'attach',
  kind: 'options',
  options: { placed: 'pass', wrong: 'fail', unsure: 'undecided' },
  of: ['belt-held'],
  puttingRight: ['belt', 'steadiness'],
})
