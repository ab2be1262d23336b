import { advisedTether } from '../tethers.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'lower-tethers-advised',
  title: 'Advised lower tethers',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'Where the maker advises it, whether it is hooked is said: hooked it is checked like a required one, left off it is spoken of.',
  checks: ['lower-tethers-used'],
  applies: ({ route }) => route.lowerTethers?.use === 'optional',
  evaluate: (s) => advisedTether(s, 'lower-tethers-used'),
})
