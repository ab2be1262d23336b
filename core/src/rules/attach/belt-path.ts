import { isIntegral } from '../../restraint/index.ts'
import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'belt-path',
  stage: 'attach',
  source: 'maker',
  checks: ['belt-path'],
  applies: ({ mode, route }) => route.belt !== undefined && isIntegral(mode),
})
