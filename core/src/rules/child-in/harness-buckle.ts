import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'harness-buckle',
  stage: 'child-in',
  source: 'maker',
  checks: ['harness-buckle'],
  applies: ({ mode }) => mode.heldBy === 'harness',
})
