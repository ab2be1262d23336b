import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'forward-guard',
  stage: 'child-in',
  kind: 'options',
  options: { set: 'by-rule', released: 'by-rule', unsure: 'undecided' },
  of: [],
  puttingRight: ['turn-lock'],
})
