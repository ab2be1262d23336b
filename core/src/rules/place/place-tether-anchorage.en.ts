import { notKnown } from '../facts.en.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Top-tether anchorage',
  standsOn: 'A required tether needs a real anchorage, not a luggage ring; a leg does not replace it.',
  says: {
    'not-known': notKnown({
      what: 'whether this place has a tether anchorage, and where',
      remedy: 'Look it up in the vehicle handbook; a ring for luggage is none.',
    }),
    judged: sentence<{ where: string }>({
      reason: ({ where }) =>
        where === 'none' ? 'The place has no tether anchorage.' : `Tether anchorage: ${where.replace('-', ' ')}.`,
      remedy: () => 'Use a place with an anchorage, or a route without a tether.',
    }),
    pass: sentence({ reason: () => 'An i-Size place has a tether anchorage; the handbook says nothing else.' }),
  },
})
