import { observedRule } from '../observed.ts'
import { isIntegral } from '../../restraint/index.ts'

export default observedRule({
  id: 'belt-slack',
  stage: 'child-in',
  source: 'maker',
  checks: ['belt-slack'],
  applies: ({ mode }) => !isIntegral(mode),
})
