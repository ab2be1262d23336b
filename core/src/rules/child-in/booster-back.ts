import { observedRule } from '../outcomes.ts'
import { isIntegral } from '../../restraint/index.ts'

export default observedRule({
  id: 'booster-back',
  title: 'Booster against the backrest',
  stage: 'child-in',
  source: 'maker',
  standsOn: 'A booster stands back against the vehicle’s backrest, square to it.',
  checks: ['booster-back'],
  applies: ({ mode }) => !isIntegral(mode),
})
