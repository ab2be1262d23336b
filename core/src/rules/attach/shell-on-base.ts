import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'shell-on-base',
  stage: 'attach',
  source: 'maker',
  checks: ['shell-on-base'],
  applies: ({ route }) => route.usesBase === true,
})
