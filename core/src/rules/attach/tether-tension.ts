import { windowOutcome } from '../measured.ts'
import { defineRule } from '../rule.ts'
import { isTetherUsed } from '../tethers.ts'

/** A finger's width of good. */
const GOOD_MM = 15
/** A maker who states only how much is too much still asks for some: a tether on which none shows is slack. */
const SOME_MM = 1

export default defineRule({
  id: 'tether-tension',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  limits: { 'good shown, from': { value: GOOD_MM, unit: 'mm' } },
  checks: ['tether-indicator-mm'],
  applies: isTetherUsed,
  evaluate: (s) => {
    const own = s.route.topTether?.goodMm
    const source = own === undefined ? ('practice' as const) : ('maker' as const)
    const from = own === undefined ? GOOD_MM : (own.fromMm ?? SOME_MM)
    return windowOutcome(s, { id: 'tether-indicator-mm', from, to: own?.toMm, source }, { source })
  },
})
