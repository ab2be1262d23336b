import { areLowerTethersUsed } from '../tethers.ts'
import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'lower-tethers',
  stage: 'attach',
  source: 'maker',
  checks: ['lower-tethers'],
  applies: areLowerTethersUsed,
})
