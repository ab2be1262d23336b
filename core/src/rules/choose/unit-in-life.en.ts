import { dayInSentence } from '../../quantities/index.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Within its stated life',
  standsOn: 'A restraint is retired at the end of the maker’s stated life; its last day still counts.',
  says: {
    'unknown-life-ends-on': sentence<{
      serial: string | undefined
    }>({
      reason: ({ serial }) =>
        serial === undefined
          ? 'No unit has been chosen, so when its life ends is not known.'
          : `When unit ${serial} was made, or how long it may be used, is not known.`,
      remedy: () => 'Read the date on the shell and the life in the manual, and enter them with the unit.',
    }),
    judged: sentence<{ days: number; end: string }>({
      reason: ({ days, end }) =>
        days >= 0 ? `May be used until ${dayInSentence(end)}.` : `Its life ended on ${dayInSentence(end)}.`,
      remedy: () => 'Retire it; choose another unit.',
    }),
  },
})
