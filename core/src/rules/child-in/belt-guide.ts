import { windowOutcome } from '../measured.ts'
import { GUIDE_MAX_MM, guideWindowMm } from '../../fit/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'belt-guide',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  limits: {
    'above shoulder, from': { value: 0, unit: 'mm' },
    'above shoulder, to': { value: GUIDE_MAX_MM, unit: 'mm' },
  },
  checks: ['guide-above-shoulder-mm'],
  applies: ({ mode }) => mode.shape === 'booster-seat' && mode.heldBy === 'vehicle-belt',
  evaluate: (s) => {
    const own = s.mode.guideAboveShoulderMm
    const { fromMm: from, toMm: to } = guideWindowMm(s.mode)
    // Where the maker is silent the usual window is practice.
    const source = own === undefined ? 'practice' : 'maker'
    const check = { id: 'guide-above-shoulder-mm', from, to, source } as const
    return windowOutcome(s, check, { from, to, isMakers: own !== undefined })
  },
})
