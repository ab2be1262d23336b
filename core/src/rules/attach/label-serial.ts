import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'label-serial',
  stage: 'attach',
  source: 'maker',
  checks: ['label-serial'],
  applies: () => true,
})
