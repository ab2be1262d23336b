import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'connector-straps',
  stage: 'attach',
  kind: 'options',
  options: { tight: 'pass', slack: 'fail', unsure: 'undecided' },
  of: ['attachment'],
  puttingRight: ['steadiness', 'tether', 'gaps'],
})
