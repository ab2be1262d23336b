import { formatNumber, formatInterval, type Interval, type Decision } from '../../quantities/index.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Seat in front where it can stand',
  standsOn:
    'The seat in front stays within its track, and a driver’s seat no further forward than its tallest driver can drive with: a seat moved back later presses on the shell.',
  says: {
    fail: sentence<{ set: number; fullyBackMm: number; fullyForwardMm: number }>({
      reason: ({ set, fullyBackMm, fullyForwardMm }) =>
        `The seat in front is recorded at ${formatNumber(set, 0)} mm from the backrest; its track goes from ${formatNumber(fullyBackMm, 0)} to ${formatNumber(fullyForwardMm, 0)} mm.`,
      remedy: () => 'Measure again, or choose another recline or place.',
    }),
    pass: sentence<{ set: number }>({
      reason: ({ set }) => `The seat in front stands ${formatNumber(set, 0)} mm from the backrest, on its track.`,
    }),
    judged: sentence<{ set: number; tallest: Interval; tall: Decision; isDriver: boolean }>({
      reason: ({ set, tallest, tall }) =>
        `The seat in front stands ${formatNumber(set, 0)} mm from the backrest; its tallest user has it at ${formatInterval(tallest, 'mm', 0)}${tall === 'fail' ? ', further back' : ''}.`,
      remedy: ({ isDriver }) =>
        isDriver
          ? 'The tallest driver could not drive with the seat there: choose a more upright recline or another place.'
          : 'Tell the carer that this seat stays where it is, and stays empty if its usual user does not fit.',
    }),
  },
})
