import { tetherUseAt } from '../../fit/index.ts'
import { advisedTether } from '../tethers.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'tether-advised',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  checks: ['tether-used'],
  applies: ({ route, position }) => tetherUseAt(route, position) === 'optional',
  evaluate: (s) => advisedTether(s, 'tether-used'),
})
