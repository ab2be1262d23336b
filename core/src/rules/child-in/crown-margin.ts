import { headBelowEdge } from '../../fit/index.ts'
import { STRICT_CROWN_MM } from '../../practice/index.ts'
import { measuredOutcome } from '../measured.ts'
import { defineRule } from '../rule.ts'

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
    const below = headBelowEdge(s.mode, s.practice)
    const isStrict = below.by === 'practice'
    return measuredOutcome(
      s,
      {
        id: 'crown-below-edge-mm',
        wording: 'at-least',
        limit: below.mm,
        source: isStrict ? 'practice' : 'maker',
      },
      { isStrict },
    )
  },
})
