import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'knees',
  title: 'Knees at the cushion edge',
  stage: 'child-in',
  severity: 'advise',
  source: 'practice',
  standsOn: 'A child whose knees do not reach the edge slides forward, and the lap belt rides up.',
  checks: ['knees'],
  applies: ({ mode }) => mode.heldBy === 'vehicle-belt',
})
