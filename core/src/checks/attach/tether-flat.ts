import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'tether-flat',
  stage: 'attach',
  kind: 'options',
  options: { flat: 'pass', twisted: 'fail', unsure: 'undecided' },
  of: ['tether-run'],
  puttingRight: ['tether', 'steadiness'],
})
