import { isIntegral } from '../../restraint/index.ts'
import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'belt-tension',
  stage: 'attach',
  source: 'maker',
  checks: ['belt-tension'],
  applies: ({ mode, route }) => route.belt?.lock.kind === 'tension-only' && isIntegral(mode),
})
