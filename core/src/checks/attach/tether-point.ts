import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'tether-point',
  stage: 'attach',
  kind: 'options',
  options: { anchorage: 'pass', 'luggage-ring': 'fail', unsure: 'undecided' },
  of: ['tether'],
  puttingRight: ['tether', 'steadiness'],
})
