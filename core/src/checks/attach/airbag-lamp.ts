import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'airbag-lamp',
  stage: 'attach',
  kind: 'options',
  options: { 'off-seen': 'by-rule', on: 'by-rule', unsure: 'undecided' },
  of: [],
  puttingRight: [],
})
