import { correctedAgeMonths } from '../../child/index.ts'
import { defineRule } from '../rule.ts'

const ASKED_UNDER_MONTHS = 6
/** At most this long at a time, by corrected age in months. Our own figures. */
export const SITTING_AT_MOST_MIN = [
  { underMonths: 3, minutes: 30 },
  { underMonths: 6, minutes: 60 },
  { underMonths: Infinity, minutes: 120 },
] as const

export default defineRule({
  id: 'journey-breaks',
  title: 'Breaks on the way',
  scope: 'mode',
  stage: 'choose',
  severity: 'advise',
  source: 'practice',
  standsOn:
    'The very young are not kept long in a shell: at most 30 minutes at a time under three months of corrected age, 60 to six months, two hours after.',
  limits: {
    'under 3 months, at a time': { value: 30, unit: 'min' },
    'under 6 months, at a time': { value: 60, unit: 'min' },
    'older, at a time': { value: 120, unit: 'min' },
  },
  applies: ({ child, today }) => (correctedAgeMonths(child, today)?.hi ?? Infinity) < ASKED_UNDER_MONTHS,
  evaluate: ({ child, today, journeyMinutes }) => {
    const age = correctedAgeMonths(child, today)?.hi ?? 0
    const most = SITTING_AT_MOST_MIN.find((x) => age < x.underMonths)?.minutes ?? 120
    if (journeyMinutes === undefined) {
      return {
        kind: 'undecided',
        missing: ['journeyMinutes'],
        reason: () => `How long the journey takes is not recorded; at this age at most ${most} minutes at a time.`,
        remedy: () => 'Ask how long they will drive, and plan the breaks with them.',
      }
    }
    const breaks = Math.ceil(journeyMinutes / most) - 1
    return {
      kind: 'pass',
      measured: { lo: journeyMinutes, hi: journeyMinutes },
      limit: most,
      unit: 'min',
      reason: () =>
        breaks === 0
          ? `${journeyMinutes} minutes in one go; at this age at most ${most}.`
          : `${journeyMinutes} minutes: ${breaks === 1 ? 'one break' : `${breaks} breaks`}, out of the shell, after at most ${most} minutes each.`,
    }
  },
})
