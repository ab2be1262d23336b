import { isTetherUsed } from '../tethers.ts'
import { observedRule } from '../observed.ts'

export default observedRule({
  id: 'tether-anchorage',
  stage: 'attach',
  severity: 'stop',
  source: 'vehicle',
  checks: ['tether-point'],
  applies: isTetherUsed,
})
