import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'shell-on-base',
  stage: 'attach',
  kind: 'options',
  options: { held: 'pass', lifts: 'fail', unsure: 'undecided' },
  notesBefore: true,
  isProof: true,
  of: ['attachment'],
  puttingRight: ['carry-handle', 'harness', 'steadiness', 'angle'],
})
