import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'shell-on-base',
  title: 'Shell latched on its base',
  stage: 'attach',
  source: 'maker',
  standsOn: 'The shell cannot be lifted off its base.',
  checks: ['shell-on-base'],
  applies: ({ route }) => route.usesBase === true,
})
