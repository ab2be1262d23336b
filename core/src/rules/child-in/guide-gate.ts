import { observedRule } from '../observed.ts'
import { isIntegral } from '../../restraint/index.ts'

export default observedRule({
  id: 'guide-gate',
  stage: 'child-in',
  source: 'maker',
  checks: ['guide-gate'],
  applies: ({ mode }) => mode.shape === 'booster-seat' && !isIntegral(mode),
})
