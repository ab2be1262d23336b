import { SLACK_MM } from '../../practice/index.ts'
import { lookOutcome } from '../looks.ts'
import { windowOutcome } from '../measured.ts'
import { allOf } from '../several.ts'
import { defineRule, type FittedSubject, type Outcome } from '../rule.ts'

/** Pinching measures nothing; a maker's own figures are measured, and beat the school. */
const isPinched = ({ mode, practice }: FittedSubject): boolean =>
  practice.slack === 'pinch' && mode.slackMm === undefined
const isMeasured = (s: FittedSubject): boolean => s.noted.includes('slack-mm')

function measured(s: FittedSubject): Outcome {
  const own = s.mode.slackMm
  const school = s.practice.slack
  const limit = school === 'one-finger' ? SLACK_MM['one-finger'] : SLACK_MM['two-fingers']
  const to = own === undefined ? limit : own.toMm
  const more = { by: own ? ('maker' as const) : school === 'one-finger' ? ('one-finger' as const) : ('two-fingers' as const) }
  return windowOutcome(s, { id: 'slack-mm', from: own?.fromMm, to, source: own ? 'maker' : 'practice' }, more)
} // prettier-ignore

export default defineRule({
  id: 'harness-slack',
  scope: 'fitted',
  stage: 'child-in',
  severity: 'fix',
  source: 'practice',
  limits: {
    'one finger, to': { value: SLACK_MM['one-finger'], unit: 'mm' },
    'two fingers, to': { value: SLACK_MM['two-fingers'], unit: 'mm' },
  },
  checks: (s) => (isPinched(s) ? (isMeasured(s) ? ['slack-pinch', 'slack-mm'] : ['slack-pinch']) : ['slack-mm']),
  applies: ({ mode }) => mode.heldBy === 'harness',
  evaluate: (s) => {
    if (!isPinched(s)) return measured(s)
    const pinched = lookOutcome(s, 'slack-pinch')
    // What was measured as well counts, by the loosest of the schools.
    return isMeasured(s) ? allOf([pinched, measured(s)]) : pinched
  },
})
