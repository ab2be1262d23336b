import { observedRule } from '../observed.ts'
import { isIntegral } from '../../restraint/index.ts'

export default observedRule({
  id: 'booster-back',
  stage: 'child-in',
  source: 'maker',
  checks: ['booster-back'],
  applies: ({ mode }) => !isIntegral(mode),
})
