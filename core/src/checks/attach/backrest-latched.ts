import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'backrest-latched',
  stage: 'attach',
  kind: 'options',
  options: { latched: 'pass', open: 'fail', unsure: 'undecided' },
  of: [],
  puttingRight: ['attachment'],
})
