import { observedRule } from '../observed.ts'
import { isIntegral } from '../../restraint/index.ts'

export default observedRule({
  id: 'belt-buckle',
  stage: 'child-in',
  source: 'maker',
  checks: ['belt-buckle'],
  applies: ({ mode }) => !isIntegral(mode),
})
