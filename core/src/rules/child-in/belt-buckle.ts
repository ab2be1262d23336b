import { observedRule } from '../outcomes.ts'
import { isIntegral } from '../../restraint/index.ts'

export default observedRule({
  id: 'belt-buckle',
  title: 'Vehicle buckle latched',
  stage: 'child-in',
  source: 'maker',
  standsOn: 'The tongue clicks, and holds when pulled.',
  checks: ['belt-buckle'],
  applies: ({ mode }) => !isIntegral(mode),
})
