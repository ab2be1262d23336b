import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'coat',
  stage: 'child-in',
  kind: 'options',
  options: { indoor: 'pass', coat: 'by-rule', unsure: 'undecided' },
  of: ['harness'],
  puttingRight: ['harness', 'head-position'],
})
