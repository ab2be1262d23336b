import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'rebound-bar',
  stage: 'attach',
  source: 'maker',
  checks: ['rebound-bar'],
  applies: ({ route }) => route.reboundBar !== undefined,
})
