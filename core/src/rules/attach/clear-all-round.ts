import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'clear-all-round',
  stage: 'attach',
  source: 'practice',
  checks: ['clear-all-round'],
  applies: () => true,
})
