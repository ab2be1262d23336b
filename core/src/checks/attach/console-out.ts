import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'console-out',
  stage: 'attach',
  kind: 'options',
  options: { out: 'pass', in: 'fail', unsure: 'undecided' },
  of: [],
  puttingRight: ['attachment'],
})
