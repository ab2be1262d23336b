import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'side-pod',
  stage: 'child-in',
  kind: 'options',
  options: { 'door-side': 'pass', other: 'fail', unsure: 'undecided' },
  of: [],
  puttingRight: [],
})
