import { notKnown } from '../facts.en.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Points for the lower tethers',
  standsOn: 'Lower tethers need a point of a permitted kind on each side; a boxed-in front seat has none.',
  says: {
    'not-known': notKnown({
      what: 'what the lower tethers can hold to, left and right',
      remedy: 'Look at the seat in front on both sides: its legs, runners and frame, or rings.',
    }),
    judged: sentence<{ length: number; lacking: ('left' | 'right')[] }>({
      reason: ({ length, lacking }) =>
        length === 0 ? 'A permitted point on each side.' : `No permitted point on the ${lacking.join(' and the ')}.`,
      remedy: () => 'Use another place, or a route without lower tethers.',
    }),
  },
})
