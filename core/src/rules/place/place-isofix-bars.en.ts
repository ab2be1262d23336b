import { notKnown } from '../facts.en.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'ISOFIX bars',
  standsOn: 'Connectors need two 6 mm bars, 280 mm apart, at the seat bight.',
  says: {
    'not-known': notKnown('whether this place has ISOFIX bars'),
    judged: sentence<{ bars: string }>({
      reason: ({ bars }) =>
        bars === 'none' ? 'The place has no ISOFIX bars.' : `The place has ISOFIX bars (${bars}).`,
      remedy: () => 'Use a belt route, or a place with bars.',
    }),
  },
})
