import { advisedTether } from '../tethers.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'tether-advised',
  title: 'Advised top tether',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'Where the maker advises it, whether it is hooked is said: hooked it is checked like a required one, left off it is spoken of.',
  checks: ['tether-used'],
  applies: ({ route }) => route.topTether?.use === 'optional',
  evaluate: (s) => advisedTether(s, 'tether-used'),
})
