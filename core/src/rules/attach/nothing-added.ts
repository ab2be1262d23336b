import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'nothing-added',
  stage: 'attach',
  source: 'maker',
  checks: ['nothing-added'],
  applies: () => true,
})
