import { untilSeenSentence } from '../looks.en.ts'
import { rangeSentence } from '../ranges.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Tether strap long and short enough',
  standsOn:
    'The path from the restraint over or round the head restraint to the anchorage must lie within the strap’s range.',
  says: {
    'until-seen': untilSeenSentence({
      what: 'Whether the strap is long and short enough for its path',
      remedy: 'Hook it and check that it reaches and pulls tight.',
    }),
    range: rangeSentence({
      what: 'Tether path',
      stated: 'the strap’s range',
      below: 'The strap cannot be pulled tight on so short a path: use another place, route or restraint.',
      above: 'The strap does not reach the anchorage: use another place, route or restraint.',
    }),
  },
})
