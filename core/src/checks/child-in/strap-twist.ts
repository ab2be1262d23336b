import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'strap-twist',
  stage: 'child-in',
  kind: 'options',
  options: { none: 'pass', twisted: 'fail', unsure: 'undecided' },
  of: ['harness'],
  puttingRight: ['harness'],
})
