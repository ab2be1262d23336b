import { lookOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'knees',
  title: 'Knees at the cushion edge',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  standsOn:
    'Practice school “knees”: a child whose knees do not reach the edge slides forward and the lap belt rides up; they must bend there, or are advised to. Looked at they are under both.',
  checks: ['knees'],
  applies: ({ mode }) => mode.heldBy === 'vehicle-belt',
  evaluate: (s) => {
    const outcome = lookOutcome(s, 'knees')
    const isAdvice = outcome.kind === 'fail' && s.practice.knees === 'advised'
    return { ...outcome, severity: isAdvice ? 'advise' : 'fix' }
  },
})
