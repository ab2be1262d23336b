import { observedRule } from '../outcomes.ts'
import { isIntegral } from '../../restraint/index.ts'

export default observedRule({
  id: 'belt-slack',
  title: 'No slack in the booster’s belt',
  stage: 'child-in',
  source: 'maker',
  standsOn: 'None can be pulled out by a light hand, once the diagonal is drawn towards the retractor.',
  checks: ['belt-slack'],
  applies: ({ mode }) => !isIntegral(mode),
})
