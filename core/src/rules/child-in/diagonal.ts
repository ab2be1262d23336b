import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'diagonal',
  stage: 'child-in',
  source: 'maker',
  checks: ['diagonal'],
  applies: ({ mode }) => mode.heldBy === 'vehicle-belt',
})
