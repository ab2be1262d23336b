import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'rebound-bar',
  title: 'Rebound bar at its last click',
  stage: 'attach',
  source: 'maker',
  standsOn: 'A rebound bar with a ratchet is taken to its last loud click against the backrest.',
  checks: ['rebound-bar'],
  applies: ({ route }) => route.reboundBar !== undefined,
})
