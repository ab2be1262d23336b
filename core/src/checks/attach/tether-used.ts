import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'tether-used',
  stage: 'attach',
  kind: 'options',
  options: { hooked: 'pass', 'left-off': 'by-rule', unsure: 'undecided' },
  of: ['tether'],
  puttingRight: ['tether', 'steadiness'],
})
