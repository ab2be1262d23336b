import { adviseStrapHeight, JUST_MM, paddingNowMm, strapRuleOf } from '../../fit/index.ts'
import { exactly, plus, type Decision } from '../../quantities/index.ts'
import type { StrapRule } from '../../restraint/index.ts'
import { lookOutcome } from '../looks.ts'
import { defineRule, type FittedSubject } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './strap-exit.en.ts'

const say = sayer<typeof en>()

/** The setting worked out for a measured shoulder, where one is sure. */
function nearestHeightMm({ mode, settings, shoulderMm }: FittedSubject): number | undefined {
  if (mode.strap === undefined || shoulderMm === undefined) return undefined
  const paddingMm = paddingNowMm(mode, settings.insertsIn?.value)
  if (paddingMm === undefined) return undefined
  const advice = adviseStrapHeight(mode, plus(shoulderMm, exactly(paddingMm)))
  return advice.kind === 'set' ? advice.heightMm : undefined
}

const SEEN_GOOD: Record<StrapRule, readonly string[]> = {
  'at-or-just-below': ['just-below', 'level'],
  'at-or-just-above': ['just-above', 'level'],
  level: ['level'],
  'level-or-just-under': ['level', 'just-below'],
}

export default defineRule({
  id: 'strap-exit',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
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
          says: say('fail', { own, justMm: JUST_MM, isAdvice }),
        }
      }
      const kind: Decision = SEEN_GOOD[rule].includes(seen) ? 'pass' : 'fail'
      return {
        kind,
        says: say('judged', { seen, direction: s.mode.direction, rule }),
      }
    })
    return isAdvice ? { ...outcome, severity: 'advise' } : outcome
  },
})
