import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'rebound-bar',
  stage: 'attach',
  source: 'maker',
  checks: ['rebound-bar'],
  applies: ({ route }) => route.reboundBar !== undefined,
})
