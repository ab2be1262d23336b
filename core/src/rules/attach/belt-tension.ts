import { isIntegral } from '../../restraint/index.ts'
import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'belt-tension',
  title: 'Belt tight where no lock holds it',
  stage: 'attach',
  source: 'maker',
  standsOn:
    'A route without a lock is judged by path, tension and steadiness: the belt lies tight, and may run when drawn slowly.',
  checks: ['belt-tension'],
  applies: ({ mode, route }) => route.belt?.lock.kind === 'tension-only' && isIntegral(mode),
})
