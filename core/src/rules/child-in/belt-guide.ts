import { allOf, measuredOutcome } from '../outcomes.ts'
import { GUIDE_MAX_MM } from '../../fit/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'belt-guide',
  title: 'Belt guide above the shoulder',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  standsOn: 'The guide of a booster stands 0 to 20 mm above the shoulder.',
  limits: {
    'above shoulder, from': { value: 0, unit: 'mm' },
    'above shoulder, to': { value: GUIDE_MAX_MM, unit: 'mm' },
  },
  checks: ['guide-above-shoulder-mm'],
  applies: ({ mode }) => mode.shape === 'booster-seat' && mode.heldBy === 'vehicle-belt',
  evaluate: (s) =>
    allOf([
      measuredOutcome(s, {
        id: 'guide-above-shoulder-mm',
        wording: 'at-most',
        limit: GUIDE_MAX_MM,
        stated: 'the guide',
        remedy: 'Lower the head support until the guide stands 0 to 20 mm above the shoulder.',
      }),
      measuredOutcome(s, {
        id: 'guide-above-shoulder-mm',
        wording: 'at-least',
        limit: 0,
        stated: 'the guide',
        remedy: 'Raise the head support until the guide stands 0 to 20 mm above the shoulder.',
      }),
    ]),
})
