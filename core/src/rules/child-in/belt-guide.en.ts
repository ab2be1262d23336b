import { boundsText } from '../../fit/index.ts'
import { measuredSentence } from '../measured.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Belt guide above the shoulder',
  standsOn: 'The guide of a booster stands 0 to 20 mm above the shoulder, or where the maker says.',
  says: {
    measured: measuredSentence<{ from: number | undefined; to: number | undefined; isMakers: boolean }>({
      stated: ({ isMakers }) => (isMakers ? 'the maker' : 'the guide'),
      remedy: ({ wording, from, to }) =>
        `${wording === 'at-most' ? 'Lower' : 'Raise'} the head support until the guide stands ${boundsText({ fromMm: from, toMm: to })} above the shoulder.`,
    }),
  },
})
