import { observedRule } from '../outcomes.ts'
import { isIntegral } from '../../restraint/index.ts'

export default observedRule({
  id: 'guide-gate',
  title: 'Diagonal in its guide',
  stage: 'child-in',
  source: 'maker',
  standsOn: 'The diagonal runs through its guide, the gate shut where it has one, any reference line in sight.',
  checks: ['guide-gate'],
  applies: ({ mode }) => mode.shape === 'booster-seat' && !isIntegral(mode),
})
