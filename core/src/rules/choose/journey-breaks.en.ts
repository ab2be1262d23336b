import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Breaks on the way',
  standsOn:
    'Babies do not stay long in a shell: at most 30 minutes at a time under three months of corrected age, 60 minutes to six months, two hours after that.',
  says: {
    'unknown-journey-minutes': sentence<{ most: 60 | 30 | 120 }>({
      reason: ({ most }) =>
        `How long the journey takes is not recorded; at this age at most ${most} minutes at a time.`,
      remedy: () => 'Ask how long they will drive, and plan the breaks with them.',
    }),
    pass: sentence<{ breaks: number; journeyMinutes: number; most: 60 | 30 | 120 }>({
      reason: ({ breaks, journeyMinutes, most }) =>
        breaks === 0
          ? `${journeyMinutes} minutes in one go; at this age at most ${most}.`
          : `${journeyMinutes} minutes: ${breaks === 1 ? 'one break' : `${breaks} breaks`}, out of the shell, after at most ${most} minutes each.`,
    }),
  },
})
