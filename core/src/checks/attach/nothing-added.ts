import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'nothing-added',
  stage: 'attach',
  kind: 'options',
  options: { none: 'pass', added: 'fail', unsure: 'undecided' },
  of: ['attachment'],
  puttingRight: ['attachment', 'harness'],
})
