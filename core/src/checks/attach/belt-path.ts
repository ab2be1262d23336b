import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'belt-path',
  stage: 'attach',
  kind: 'options',
  options: { 'as-listed': 'pass', 'guide-missed': 'fail', 'other-direction': 'fail', unsure: 'undecided' },
  of: ['belt'],
  puttingRight: ['belt', 'steadiness', 'angle'],
})
