import { measuredOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

const STRICT_CROWN_MM = 25

export default defineRule({
  id: 'crown-margin',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  limits: {
    'crown below edge, from': { value: 0, unit: 'mm' },
    'strict school, from': { value: STRICT_CROWN_MM, unit: 'mm' },
  },
  checks: ['crown-below-edge-mm'],
  applies: ({ mode }) => mode.headRule === 'crown-inside' && mode.shape === 'infant-shell',
  evaluate: (s) => {
    const own = s.mode.headBelowEdgeMm
    const isStrict = own === undefined && s.practice.infantHead === 'margin-25-mm'
    return measuredOutcome(
      s,
      {
        id: 'crown-below-edge-mm',
        wording: 'at-least',
        limit: own ?? (isStrict ? STRICT_CROWN_MM : 0),
        source: isStrict ? 'practice' : 'maker',
      },
      { isStrict },
    )
  },
})
