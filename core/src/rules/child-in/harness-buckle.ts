import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'harness-buckle',
  title: 'Harness buckle',
  stage: 'child-in',
  source: 'maker',
  standsOn: 'Both tongues in, a click, and it holds when pulled.',
  checks: ['harness-buckle'],
  applies: ({ mode }) => mode.heldBy === 'harness',
})
