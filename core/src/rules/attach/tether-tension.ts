import { measuredOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

/** A finger's width of good. */
const GOOD_MM = 15

export default defineRule({
  id: 'tether-tension',
  title: 'Tether tension',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  standsOn: 'The indicator shows at least a finger’s width of good.',
  limits: { 'good shown, from': { value: GOOD_MM, unit: 'mm' } },
  checks: ['tether-indicator-mm'],
  applies: ({ route }) => route.topTether?.use === 'required',
  evaluate: (s) =>
    measuredOutcome(s, {
      id: 'tether-indicator-mm',
      wording: 'at-least',
      limit: GOOD_MM,
      stated: 'a finger’s width of good',
      remedy: 'Pull the tether tighter and read the indicator again.',
    }),
})
