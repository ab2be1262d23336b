import { observedRule } from '../observed.ts'
import { isIntegral } from '../../restraint/index.ts'

export default observedRule({
  id: 'buckle-clear',
  stage: 'attach',
  severity: 'stop',
  source: 'maker',
  checks: ['buckle-clear'],
  applies: ({ mode, route }) => route.belt !== undefined && isIntegral(mode),
})
