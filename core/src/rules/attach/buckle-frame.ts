import { isIntegral } from '../../restraint/index.ts'
import { measuredOutcome } from '../measured.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'buckle-frame',
  scope: 'fitted',
  stage: 'attach',
  severity: 'stop',
  source: 'maker',
  limits: { 'top above edge, to': { value: 0, unit: 'mm' } },
  checks: ['buckle-above-edge-mm'],
  applies: ({ mode, route }) => route.belt !== undefined && isIntegral(mode),
  evaluate: (s) =>
    measuredOutcome(s, {
      id: 'buckle-above-edge-mm',
      wording: 'at-most',
      limit: 0,
    }),
})
