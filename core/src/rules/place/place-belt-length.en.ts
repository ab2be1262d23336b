import { untilSeenSentence } from '../looks.en.ts'
import { formatNumber, formatInterval, type Interval, type Decision } from '../../quantities/index.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Belt long enough for its path',
  standsOn:
    'The route’s path must not need more than the usable belt, with the tongue latched and the lock-off closed.',
  says: {
    'until-seen': untilSeenSentence({
      what: 'Whether the belt is long enough for its path',
      remedy: 'Thread it and check that it buckles with the tongue latched; no extender.',
    }),
    judged: sentence<{ needed: number; usable: Interval; kind: Decision }>({
      reason: ({ needed, usable, kind }) =>
        `The path needs ${formatNumber(needed, 0)} mm of belt; this belt has ${formatInterval(usable, 'mm', 0)}${kind === 'undecided' ? ': too close to tell' : ''}.`,
      remedy: ({ kind }) =>
        kind === 'undecided'
          ? 'Measure the belt more closely, or thread it and see.'
          : 'The belt is too short for this path: use another place, route or restraint. No extender.',
    }),
  },
})
