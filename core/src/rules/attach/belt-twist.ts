import { isIntegral } from '../../restraint/index.ts'
import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'belt-twist',
  stage: 'attach',
  source: 'maker',
  checks: ['belt-twist'],
  applies: ({ mode, route }) => route.belt !== undefined && isIntegral(mode),
})
