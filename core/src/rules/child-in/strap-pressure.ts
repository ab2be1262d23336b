import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'strap-pressure',
  stage: 'child-in',
  source: 'practice',
  checks: ['strap-pressure'],
  applies: ({ mode }) => mode.heldBy === 'harness',
})
