import { lookOutcome, measuredOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

/** Slack in mm that each measuring school accepts. */
export const SLACK_MM = { 'one-finger': 15, 'two-fingers': 25 } as const

export default defineRule({
  id: 'harness-slack',
  title: 'Harness slack',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  standsOn: 'Practice school “slack”: one finger, two fingers, or nothing that can be pinched.',
  limits: {
    'one finger, to': { value: SLACK_MM['one-finger'], unit: 'mm' },
    'two fingers, to': { value: SLACK_MM['two-fingers'], unit: 'mm' },
  },
  checks: ({ practice }) => [practice.slack === 'pinch' ? 'slack-pinch' : 'slack-mm'],
  applies: ({ mode }) => mode.heldBy === 'harness',
  evaluate: (s) => {
    const school = s.practice.slack
    if (school === 'pinch') return lookOutcome(s, 'slack-pinch')
    return measuredOutcome(s, {
      id: 'slack-mm',
      wording: 'at-most',
      limit: SLACK_MM[school],
      stated: school === 'one-finger' ? 'one finger' : 'two fingers',
      remedy: 'Pull the slack up from the hips, then tighten at the adjuster.',
    })
  },
})
