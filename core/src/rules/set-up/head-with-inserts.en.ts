import { sentence, ruleText } from '../say.ts'
import { formatInterval, formatNumber, type Interval } from '../../quantities/index.ts'

export default ruleText({
  title: 'Head below the edge with the inserts that are in',
  standsOn: 'Padding under the child raises its head as well: what is in counts, whether it has to be in or only may.',
  says: {
    unknown: sentence({
      reason: () => 'How high the head stands with the inserts in cannot be worked out; it is looked at on the child.',
      remedy: () => 'Look at the head against the edge once the child sits in it.',
    }),
    judged: sentence<{ what: 'Crown' | 'Eyes' | 'Top of the ears'; height: Interval; raisedMm: number; limit: number }>(
      {
        reason: ({ what, height, raisedMm, limit }) =>
          `${what} at ${formatInterval(height, 'mm', 0)} with ${formatNumber(raisedMm, 0)} mm of inserts; the edge is at ${formatNumber(limit, 0)} mm.`,
        remedy: () => 'Take out the inserts that only may be in, or choose another mode.',
      },
    ),
  },
})
