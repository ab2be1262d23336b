import { measuredSentence } from '../outcomes.en.ts'
import { ruleText } from '../say.ts'

const stands = (from: number | undefined, to: number | undefined): string =>
  from === undefined ? `at most ${to} mm` : to === undefined ? `at least ${from} mm` : `${from} to ${to} mm`

export default ruleText({
  title: 'Belt guide above the shoulder',
  standsOn: 'The guide of a booster stands 0 to 20 mm above the shoulder, or where the maker says.',
  says: {
    measured: measuredSentence<{ from: number | undefined; to: number | undefined; isMakers: boolean }>({
      stated: ({ isMakers }) => (isMakers ? 'the maker' : 'the guide'),
      remedy: ({ wording, from, to }) =>
        `${wording === 'at-most' ? 'Lower' : 'Raise'} the head support until the guide stands ${stands(from, to)} above the shoulder.`,
    }),
  },
})
