import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'lap-section',
  stage: 'child-in',
  source: 'maker',
  checks: ['lap-section'],
  applies: ({ mode }) => mode.heldBy === 'vehicle-belt',
})
