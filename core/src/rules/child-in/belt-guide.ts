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
  standsOn: 'The guide of a booster stands 0 to 20 mm above the shoulder, or where the maker says.',
  limits: {
    'above shoulder, from': { value: 0, unit: 'mm' },
    'above shoulder, to': { value: GUIDE_MAX_MM, unit: 'mm' },
  },
  checks: ['guide-above-shoulder-mm'],
  applies: ({ mode }) => mode.shape === 'booster-seat' && mode.heldBy === 'vehicle-belt',
  evaluate: (s) => {
    const own = s.mode.guideAboveShoulderMm
    const { fromMm: from, toMm: to } = own ?? { fromMm: 0, toMm: GUIDE_MAX_MM }
    const range = `${from ?? ''} to ${to ?? ''} mm`
    const base = { id: 'guide-above-shoulder-mm', stated: own ? 'the maker' : 'the guide', source: 'maker' } as const
    return allOf([
      ...(to === undefined
        ? []
        : [
            measuredOutcome(s, {
              ...base,
              wording: 'at-most',
              limit: to,
              remedy: `Lower the head support until the guide stands ${range} above the shoulder.`,
            }),
          ]),
      ...(from === undefined
        ? []
        : [
            measuredOutcome(s, {
              ...base,
              wording: 'at-least',
              limit: from,
              remedy: `Raise the head support until the guide stands ${range} above the shoulder.`,
            }),
          ]),
    ])
  },
})
