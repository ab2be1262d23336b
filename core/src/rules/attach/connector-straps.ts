import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'connector-straps',
  stage: 'attach',
  source: 'maker',
  checks: ['connector-straps'],
  applies: ({ route }) => route.isofix?.connectors === 'strap',
})
