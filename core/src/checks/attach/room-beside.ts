import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'room-beside',
  stage: 'attach',
  kind: 'options',
  options: {
    clear: 'pass',
    touches: 'fail',
    'no-hand': 'fail',
    'one-part': 'fail',
    unsure: 'undecided',
  },
  of: ['attachment'],
  // Moved over, it is attached anew.
  puttingRight: ['attachment'],
})
