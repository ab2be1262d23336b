import { isTetherUsed } from '../tethers.ts'
import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'tether-path',
  stage: 'attach',
  source: 'maker',
  checks: ['tether-flat'],
  applies: isTetherUsed,
})
