import { notKnown } from '../facts.en.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'ISOFIX bars',
  standsOn: 'Connectors need two 6 mm bars, 280 mm apart, at the seat bight.',
  says: {
    'not-known': notKnown({
      what: 'whether this place has ISOFIX bars',
      remedy: 'Feel between cushion and backrest, or look it up in the vehicle handbook.',
    }),
    judged: sentence<{ bars: string }>({
      reason: ({ bars }) =>
        bars === 'none' ? 'The place has no ISOFIX bars.' : `The place has ISOFIX bars (${bars}).`,
      remedy: () => 'Use a belt route, or a place with bars.',
    }),
  },
})
