import { isIntegral } from '../../restraint/index.ts'
import { measuredOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'buckle-frame',
  title: 'Buckle clear of the frame',
  scope: 'fitted',
  stage: 'attach',
  severity: 'stop',
  source: 'maker',
  standsOn:
    'The top of the vehicle buckle sits at or below the edge of the belt path, or the frame bends or loads it in a crash.',
  limits: { 'top above edge, to': { value: 0, unit: 'mm' } },
  checks: ['buckle-above-edge-mm'],
  applies: ({ mode, route }) => route.belt !== undefined && isIntegral(mode),
  evaluate: (s) =>
    measuredOutcome(s, {
      id: 'buckle-above-edge-mm',
      wording: 'at-most',
      limit: 0,
      stated: 'the belt path',
      remedy: 'Use another route, place or restraint: the buckle would be loaded.',
    }),
})
