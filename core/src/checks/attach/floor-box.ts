import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'floor-box',
  stage: 'attach',
  kind: 'options',
  options: { propped: 'pass', hollow: 'fail', unsure: 'undecided' },
  of: [],
  puttingRight: ['leg', 'angle'],
})
