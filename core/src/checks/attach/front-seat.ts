import { BAD_ALONE, defineCheck } from '../check.ts'

export default defineCheck({
  id: 'front-seat',
  stage: 'attach',
  kind: 'options',
  options: { clear: 'by-rule', touching: 'by-rule', pressing: BAD_ALONE, unsure: 'undecided' },
  of: ['attachment'],
  puttingRight: [],
})
