import { advisedTether } from '../tethers.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'lower-tethers-advised',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  checks: ['lower-tethers-used'],
  applies: ({ route }) => route.lowerTethers?.use === 'optional',
  evaluate: (s) => advisedTether(s, 'lower-tethers-used'),
})
