import { STEADY_WITHIN_MM } from '../../practice/index.ts'
import { measuredSentence } from '../measured.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Movement at the base',
  standsOn: `At the belt path or base, by a firm hand: at most ${STEADY_WITHIN_MM} mm, or the maker’s own figure; the strict practice accepts none that can be felt.`,
  says: {
    measured: measuredSentence<{ own: number | undefined }>({
      stated: ({ own }) => (own === undefined ? 'movement' : 'the maker'),
      remedy: 'Put weight on it, tighten the belt or push the base home, and test again.',
    }),
  },
})
