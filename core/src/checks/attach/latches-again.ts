import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'latches-again',
  stage: 'attach',
  kind: 'options',
  options: { 'still-latched': 'pass', open: 'fail', unsure: 'undecided' },
  of: ['latches', 'leg', 'tether'],
  puttingRight: ['attachment'],
})
