import { areLowerTethersUsed } from '../tethers.ts'
import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'lower-tethers',
  title: 'Lower tethers tight',
  stage: 'attach',
  source: 'maker',
  standsOn: 'Both tightened in turn until wiggling makes no more clicks.',
  checks: ['lower-tethers'],
  applies: areLowerTethersUsed,
})
