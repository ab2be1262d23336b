import { boundsText } from '../../fit/index.ts'
import { formatNumber, formatInterval, type Interval, type Decision } from '../../quantities/index.ts'
import { sentence, ruleText } from '../say.ts'

const heightText = ({ lo, hi }: Interval): string =>
  hi < 0 ? `${formatInterval({ lo: -hi, hi: -lo }, 'mm', 0)} below` : `${formatInterval({ lo, hi }, 'mm', 0)} above`

export default ruleText({
  title: 'Belt guide set for this shoulder',
  standsOn:
    'The guide of a booster stands 0 to 20 mm above the shoulder; an estimated shoulder never refuses a height.',
  says: {
    judged: sentence<{
      set: number
      above: Interval
      isEstimated: boolean
      asked: { readonly fromMm?: number | undefined; readonly toMm?: number | undefined }
      kind: Decision
      /** The height to set; absent where a measure is needed first, or where none is in reach. */
      reachesMm: number | undefined
      isOutOfReach: boolean
    }>({
      reason: ({ set, above, isEstimated, asked: { fromMm, toMm } }) =>
        `Guide at ${formatNumber(set, 0)} mm, ${heightText(above)} the shoulder${isEstimated ? ' (estimated from the stature)' : ''}; ${boundsText({ fromMm, toMm })} above it is asked for.`,
      remedy: ({ kind, reachesMm, isOutOfReach }) =>
        kind === 'undecided' || (reachesMm === undefined && !isOutOfReach)
          ? 'Measure it on the child at the stage Child in.'
          : isOutOfReach
            ? 'The guide does not reach this shoulder: choose another booster.'
            : `Set the guide at ${formatNumber(reachesMm ?? 0, 0)} mm.`,
    }),
  },
})
