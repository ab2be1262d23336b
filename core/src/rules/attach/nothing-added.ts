import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'nothing-added',
  stage: 'attach',
  source: 'maker',
  checks: ['nothing-added'],
  applies: () => true,
})
