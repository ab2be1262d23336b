import { isIntegral } from '../../restraint/index.ts'
import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'belt-locked',
  stage: 'attach',
  source: 'maker',
  checks: ['belt-locked'],
  applies: ({ mode, route }) => route.belt !== undefined && route.belt.lock.kind !== 'tension-only' && isIntegral(mode),
})
