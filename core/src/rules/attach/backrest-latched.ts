import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'backrest-latched',
  stage: 'attach',
  source: 'vehicle',
  checks: ['backrest-latched'],
  applies: () => true,
})
