import { isTetherUsed } from '../tethers.ts'
import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'tether-anchorage',
  title: 'Tether on a real anchorage',
  stage: 'attach',
  severity: 'stop',
  source: 'vehicle',
  standsOn: 'A luggage ring may tear out: the tether goes to the anchorage marked in the handbook.',
  checks: ['tether-point'],
  applies: isTetherUsed,
})
