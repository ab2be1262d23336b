import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'lap-section',
  title: 'Lap section low',
  stage: 'child-in',
  source: 'maker',
  standsOn: 'Low on the hips, on the thighs, under both arm rests.',
  checks: ['lap-section'],
  applies: ({ mode }) => mode.heldBy === 'vehicle-belt',
})
