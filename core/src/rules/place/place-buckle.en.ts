import { untilSeenSentence } from '../looks.en.ts'
import { formatInterval, formatNumber, type Interval, type Decision } from '../../quantities/index.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Buckle stalk below the belt path',
  standsOn:
    'The top of the vehicle buckle must stand at or below the edge of the belt path: buckle top − edge ≤ 0 mm. Measured again in the car, where that decides.',
  says: {
    'until-seen': untilSeenSentence({
      what: 'How the buckle stands to the belt path’s edge',
      remedy: 'Thread the belt and measure from the edge up to the buckle’s top.',
    }),
    judged: sentence<{ top: Interval; edge: number; above: Interval; kind: Decision }>({
      reason: ({ top, edge, above }) =>
        `Buckle top ${formatInterval(top, 'mm', 0)} above the bight, edge of the belt path ${formatNumber(edge, 0)} mm: ${formatInterval(above, 'mm', 0)} above the edge; at most 0 mm.`,
      remedy: ({ kind }) =>
        kind === 'undecided'
          ? 'Thread the belt and measure from the edge up to the buckle’s top.'
          : 'The frame would load the buckle: use another route, place or restraint.',
    }),
  },
})
