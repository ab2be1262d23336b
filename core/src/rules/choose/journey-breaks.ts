import { correctedAgeMonths } from '../../child/index.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './journey-breaks.en.ts'

const say = sayer<typeof en>()

const ASKED_UNDER_MONTHS = 6
/** At most this long at a time, by corrected age in months. Our own figures. */
const SITTING_AT_MOST_MIN = [
  { underMonths: 3, minutes: 30 },
  { underMonths: 6, minutes: 60 },
  { underMonths: Infinity, minutes: 120 },
] as const

export default defineRule({
  id: 'journey-breaks',
  scope: 'mode',
  stage: 'choose',
  severity: 'advise',
  source: 'practice',
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
        says: say('unknown-journey-minutes', { most }),
      }
    }
    const breaks = Math.ceil(journeyMinutes / most) - 1
    return {
      kind: 'pass',
      measured: { lo: journeyMinutes, hi: journeyMinutes },
      limit: most,
      unit: 'min',
      says: say('pass', { breaks, journeyMinutes, most }),
    }
  },
})
