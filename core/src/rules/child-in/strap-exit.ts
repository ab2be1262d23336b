import { adviseStrapHeight, insertThicknessMm, JUST_MM, STRAP_RULE_TEXT, strapRuleOf } from '../../fit/index.ts'
import { exactly, plus, type Decision } from '../../quantities/index.ts'
import type { StrapRule } from '../../restraint/index.ts'
import { lookOutcome } from '../outcomes.ts'
import { defineRule, type FittedSubject } from '../rule.ts'

/** The setting worked out for a measured shoulder, where one is sure. */
function nearestHeightMm({ mode, settings, shoulderMm }: FittedSubject): number | undefined {
  if (mode.strap === undefined || shoulderMm === undefined) return undefined
  const advice = adviseStrapHeight(
    mode,
    plus(shoulderMm, exactly(insertThicknessMm(mode, settings.insertsIn?.value ?? []))),
  )
  return advice.kind === 'set' ? advice.heightMm : undefined
}

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
    const own = s.mode.strap?.justMm
    const isNearest = s.settings.strapHeightMm?.value === nearestHeightMm(s)
    let isAdvice = false
    const outcome = lookOutcome(s, 'strap-exit', (seen) => {
      if (seen === 'far-off') {
        // Far off but the nearest there is, it is advised against; beyond the maker's own figure it fails.
        isAdvice = own === undefined && isNearest
        return {
          kind: 'fail',
          reason: `Straps leave the shell further from the shoulder than ${own ?? JUST_MM} mm${isAdvice ? ', at the nearest setting there is' : ''}.`,
          remedy:
            'Set the slot or head support as the set-up stage says; where there is none nearer, choose another restraint.',
        }
      }
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
    return isAdvice ? { ...outcome, severity: 'advise' } : outcome
  },
})
