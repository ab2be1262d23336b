import { lookOutcome } from '../looks.ts'
import { defineRule, missingIn } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './head-line.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'head-line',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'maker',
  checks: ['head'],
  applies: () => true,
  evaluate: (s) => {
    const outcome = lookOutcome(s, 'head')
    if (s.mode.headRule !== undefined || outcome.kind === 'fail') return outcome
    return {
      kind: 'undecided',
      missing: ['mode.headRule', ...missingIn(outcome)],
      says: say('unknown-head-rule'),
    }
  },
})
