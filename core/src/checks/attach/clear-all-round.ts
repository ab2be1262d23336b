import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'clear-all-round',
  stage: 'attach',
  kind: 'options',
  options: {
    clear: 'pass',
    'head-restraint': 'fail',
    'recline-lever': 'fail',
    door: 'fail',
    console: 'fail',
    beside: 'fail',
    unsure: 'undecided',
  },
  of: ['attachment', 'angle'],
  puttingRight: ['attachment'],
})
