import { STRAP_RULE_TEXT, strapRuleOf } from '../../fit/index.ts'
import type { Decision } from '../../quantities/index.ts'
import type { StrapRule } from '../../restraint/index.ts'
import { lookOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

const SEEN_GOOD: Record<StrapRule, readonly string[]> = {
  'at-or-just-below': ['just-below', 'level'],
  'at-or-just-above': ['just-above', 'level'],
  level: ['level'],
  'level-or-just-under': ['level', 'just-below'],
}
const SEEN_TEXT: Record<string, string> = {
  'just-below': 'just below the shoulder',
  level: 'level with the shoulder',
  'just-above': 'just above the shoulder',
}

export default defineRule({
  id: 'strap-exit',
  title: 'Straps at the shoulder, as seen',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  standsOn: 'With the hips right back, the straps leave the shell where the mode’s rule for its direction asks.',
  checks: ['strap-exit'],
  applies: ({ mode }) => mode.heldBy === 'harness',
  evaluate: (s) => {
    const rule = strapRuleOf(s.mode)
    return lookOutcome(s, 'strap-exit', (seen) => {
      const kind: Decision = SEEN_GOOD[rule].includes(seen) ? 'pass' : 'fail'
      return {
        kind,
        reason: `Straps leave the shell ${SEEN_TEXT[seen]}; ${s.mode.direction} they must be ${STRAP_RULE_TEXT[rule]}.`,
        remedy:
          seen === 'just-above'
            ? 'Lower the straps one step and look again.'
            : 'Raise the straps one step and look again.',
      }
    })
  },
})
