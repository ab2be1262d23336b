import { formatInterval, formatNumber, type Interval } from '../../quantities/index.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Leg long and short enough',
  standsOn: 'Out of its range of length a leg cannot be used, and nothing is packed under it.',
  says: {
    judged: sentence<{
      neededMm: Interval
      minLengthMm: number
      maxLengthMm: number
      kind: 'notch' | 'between' | 'too-short' | 'too-long' | 'may-be-out-of-range'
    }>({
      reason: ({ neededMm, minLengthMm, maxLengthMm, kind }) =>
        `Needs a leg of ${formatInterval(neededMm, 'mm', 0)}; this leg extends from ${formatNumber(minLengthMm, 0)} to ${formatNumber(maxLengthMm, 0)} mm${kind === 'may-be-out-of-range' ? ': too close to tell' : ''}.`,
      remedy: ({ kind }) =>
        kind === 'may-be-out-of-range'
          ? 'Measure the cushion height above the bare floor more closely.'
          : 'This leg cannot be used here: use another place, route or restraint. Pack nothing under it.',
    }),
  },
})
