import { isTetherUsed } from '../tethers.ts'
import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'tether-path',
  title: 'Tether flat on its path',
  stage: 'attach',
  source: 'maker',
  standsOn: 'The strap lies flat on the path over or round the head restraint that the maker shows.',
  checks: ['tether-flat'],
  applies: isTetherUsed,
})
