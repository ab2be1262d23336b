import { lookOutcome } from '../looks.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'knees',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  checks: ['knees'],
  applies: ({ mode }) => mode.heldBy === 'vehicle-belt',
  evaluate: (s) => {
    const outcome = lookOutcome(s, 'knees')
    const isAdvice = outcome.kind === 'fail' && s.practice.knees === 'advised'
    return { ...outcome, severity: isAdvice ? 'advise' : 'fix' }
  },
})
