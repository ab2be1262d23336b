import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'diagonal',
  title: 'Diagonal over the shoulder',
  stage: 'child-in',
  source: 'maker',
  standsOn: 'Over the middle of the shoulder, between neck and arm.',
  checks: ['diagonal'],
  applies: ({ mode }) => mode.heldBy === 'vehicle-belt',
})
