import { sentence, ruleText } from '../say.ts'
import { untilSeenSentence } from '../looks.en.ts'
import { formatNumber, formatInterval, type Interval, type Decision } from '../../quantities/index.ts'

interface Edge {
  readonly edgeMm: number
  /** What a school keeps below the edge; 0 where the maker's rule alone speaks. */
  readonly lessMm: number
}
const edgeText = ({ edgeMm, lessMm }: Edge): string =>
  `the edge ${lessMm === 0 ? '' : `less ${lessMm} mm `}is at ${formatNumber(edgeMm, 0)} mm`

export default ruleText({
  title: 'Head below the shell’s edge',
  standsOn:
    'Crown, eyes or top of the ears no higher than the shell edge, as the mode’s rule says; heights taken from the sitting height, or estimated from the stature.',
  says: {
    'unknown-head-rule': sentence({
      reason: () => 'Which line of the head the maker looks at, and against which edge, has not been read.',
      remedy: () => 'Read in the manual how high the head may stand, and enter the rule with the mode.',
    }),
    'until-seen': untilSeenSentence({
      what: 'How the head stands against the shell’s edge',
      remedy: 'Look at the head against the edge once the child sits in it.',
    }),
    'no-height': sentence<{ edge: Edge }>({
      reason: ({ edge }) => `Neither the sitting height nor the stature is known; ${edgeText(edge)}.`,
      remedy: () => 'Measure the sitting height, or the stature to estimate it from.',
    }),
    judged: sentence<{
      kind: Decision
      what: 'Crown' | 'Eyes' | 'Top of the ears'
      height: Interval
      isEstimated: boolean
      edge: Edge
    }>({
      reason: ({ kind, what, height, isEstimated, edge }) => {
        const at = `${what} at ${formatInterval(height, 'mm', 0)}${isEstimated ? ', estimated from the stature' : ''}`
        return kind === 'undecided'
          ? `${at}: it may stand above the edge; ${edgeText(edge)}.`
          : `${at}; ${edgeText(edge)}.`
      },
      remedy: ({ kind }) =>
        kind === 'fail'
          ? 'Outgrown by head height: choose another mode.'
          : 'Measure the sitting height, from the surface it sits on to the crown.',
    }),
  },
})
