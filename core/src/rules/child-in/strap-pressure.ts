import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'strap-pressure',
  title: 'Straps and head support not too tight',
  stage: 'child-in',
  source: 'practice',
  standsOn: 'Slack has a lower bound: the straps must not dig in, nor the head support wedge the child.',
  checks: ['strap-pressure'],
  applies: ({ mode }) => mode.heldBy === 'harness',
})
