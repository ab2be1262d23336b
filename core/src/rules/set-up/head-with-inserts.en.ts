import { sentence, ruleText } from '../say.ts'
import { formatInterval, formatNumber, type Interval } from '../../quantities/index.ts'

export default ruleText({
  title: 'Head below the edge with the inserts in use',
  standsOn: 'Padding under the child raises the head as well: every insert in use counts, required or optional.',
  says: {
    unknown: sentence({
      reason: () => 'The height of the head with the inserts in cannot be calculated; check it on the child.',
      remedy: () => 'Look at the head against the edge once the child sits in it.',
    }),
    judged: sentence<{ what: 'Crown' | 'Eyes' | 'Top of the ears'; height: Interval; raisedMm: number; limit: number }>(
      {
        reason: ({ what, height, raisedMm, limit }) =>
          `${what} at ${formatInterval(height, 'mm', 0)} with ${formatNumber(raisedMm, 0)} mm of inserts; the edge is at ${formatNumber(limit, 0)} mm.`,
        remedy: () => 'Take out the optional inserts, or choose another mode.',
      },
    ),
  },
})
