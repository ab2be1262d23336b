import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'clear-all-round',
  stage: 'attach',
  source: 'practice',
  checks: ['clear-all-round'],
  applies: () => true,
})
