import { measuredOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

export const STRICT_CROWN_MM = 25

export default defineRule({
  id: 'crown-margin',
  title: 'Infant’s crown below the shell edge',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  standsOn: 'Whole head inside: crown at or below the edge; the strict school asks 25 mm below.',
  limits: {
    'crown below edge, from': { value: 0, unit: 'mm' },
    'strict school, from': { value: STRICT_CROWN_MM, unit: 'mm' },
  },
  checks: ['crown-below-edge-mm'],
  applies: ({ mode }) => mode.headRule === 'crown-inside' && mode.shape === 'infant-shell',
  evaluate: (s) => {
    const own = s.mode.headBelowEdgeMm
    const isStrict = own === undefined && s.practice.infantHead === 'margin-25-mm'
    return measuredOutcome(s, {
      id: 'crown-below-edge-mm',
      wording: 'at-least',
      limit: own ?? (isStrict ? STRICT_CROWN_MM : 0),
      stated: isStrict ? 'the school “25 mm margin”' : 'the mode',
      source: isStrict ? 'practice' : 'maker',
      remedy: 'Outgrown by head height: choose a taller shell.',
    })
  },
})
