import { isIntegral } from '../../restraint/index.ts'
import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'belt-locked',
  title: 'Belt tight and locked',
  stage: 'attach',
  source: 'maker',
  standsOn: 'The slack is pulled from the lap section through the tongue, then the lock closed: the belt does not run.',
  checks: ['belt-locked'],
  applies: ({ mode, route }) => route.belt !== undefined && route.belt.lock.kind !== 'tension-only' && isIntegral(mode),
})
