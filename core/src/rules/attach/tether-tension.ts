import { measuredOutcome, worstOf } from '../outcomes.ts'
import { defineRule } from '../rule.ts'
import { isTetherUsed } from '../tethers.ts'

/** A finger's width of good. */
const GOOD_MM = 15

export default defineRule({
  id: 'tether-tension',
  title: 'Tether tension',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  standsOn: 'The indicator shows at least a finger’s width of good, or what the maker asks for.',
  limits: { 'good shown, from': { value: GOOD_MM, unit: 'mm' } },
  checks: ['tether-indicator-mm'],
  applies: isTetherUsed,
  evaluate: (s) => {
    const own = s.route.topTether?.goodMm
    const source = own === undefined ? ('practice' as const) : ('maker' as const)
    const stated = own === undefined ? 'a finger’s width of good' : 'the maker'
    const from = own === undefined ? GOOD_MM : own.fromMm
    const base = { id: 'tether-indicator-mm', stated, source } as const
    return worstOf([
      ...(from === undefined
        ? []
        : [
            measuredOutcome(s, {
              ...base,
              wording: 'at-least',
              limit: from,
              remedy: 'Pull the tether tighter and read the indicator again.',
            }),
          ]),
      ...(own?.toMm === undefined
        ? []
        : [
            measuredOutcome(s, {
              ...base,
              wording: 'at-most',
              limit: own.toMm,
              remedy: 'Let the tether out a little and read the indicator again.',
            }),
          ]),
    ])
  },
})
