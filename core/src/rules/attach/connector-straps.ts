import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'connector-straps',
  title: 'Connector straps tight',
  stage: 'attach',
  source: 'maker',
  standsOn: 'Connectors on straps are pulled tight and lie flat.',
  checks: ['connector-straps'],
  applies: ({ route }) => route.isofix?.connectors === 'strap',
})
