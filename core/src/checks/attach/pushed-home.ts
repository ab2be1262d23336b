import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'pushed-home',
  stage: 'attach',
  kind: 'options',
  options: { yes: 'pass', no: 'fail', unsure: 'undecided' },
  of: ['attachment'],
  puttingRight: ['attachment'],
})
