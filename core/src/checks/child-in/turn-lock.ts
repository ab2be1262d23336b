import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'turn-lock',
  stage: 'child-in',
  kind: 'options',
  options: { locked: 'pass', turns: 'fail', unsure: 'undecided' },
  notesBefore: true,
  isProof: true,
  of: [],
  puttingRight: ['angle', 'front-seat', 'forward-guard'],
})
