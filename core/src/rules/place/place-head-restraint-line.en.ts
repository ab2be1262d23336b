import { sentence, ruleText } from '../say.ts'
import { untilSeenSentence } from '../looks.en.ts'
import { formatInterval, type Interval, type Decision } from '../../quantities/index.ts'

export default ruleText({
  title: 'Ears below the car’s head restraint',
  standsOn:
    'On a booster cushion the vehicle’s own head restraint protects the head: the top of the ears is no higher than its top.',
  says: {
    'unknown-head-restraint': sentence({
      reason: () =>
        'Whether this place has a head restraint is not known; on a cushion nothing else protects the head.',
      remedy: () => 'Look at the seat.',
    }),
    fail: sentence({
      reason: () => 'This place has no head restraint, and a cushion does not support the head.',
      remedy: () => 'Use another place, or a booster seat with a back.',
    }),
    'until-seen': untilSeenSentence({
      what: 'How high the head restraint reaches against the ears',
      remedy: 'Raise the head restraint and look at the ears against its top once the child sits.',
    }),
    judged: sentence<{ ears: Interval; isEstimated: boolean; top: Interval; kind: Decision; isDoubtOfTop: boolean }>({
      reason: ({ ears, isEstimated, top }) =>
        `Top of the ears ${formatInterval(ears, 'mm', 0)} above the cushion${isEstimated ? ', estimated from the stature' : ''}; the head restraint reaches ${formatInterval(top, 'mm', 0)}.`,
      remedy: ({ kind, isDoubtOfTop }) =>
        kind === 'undecided'
          ? isDoubtOfTop
            ? 'Measure more closely how high the head restraint reaches above the cushion.'
            : 'Measure the sitting height, from the surface it sits on to the crown.'
          : 'Raise the head restraint, use another place, or a booster seat with a back.',
    }),
  },
})
