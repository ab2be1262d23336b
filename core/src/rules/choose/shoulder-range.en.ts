import { sentence, ruleText } from '../say.ts'
import { STRAP_RULE_TEXT } from '../../fit/index.ts'
import type { StrapRule } from '../../restraint/index.ts'
import { formatNumber, formatInterval, type Interval, type Decision } from '../../quantities/index.ts'
import { unreachable } from '../../ground/index.ts'

interface Served {
  readonly strapRule: StrapRule
  readonly from: number | undefined
  readonly to: number | undefined
}
function served({ strapRule, from, to }: Served): string {
  const ends = [
    ...(from === undefined ? [] : [`from ${formatNumber(from, 0)} mm`]),
    ...(to === undefined ? [] : [`up to ${formatNumber(to, 0)} mm`]),
  ]
  return `straps go ${STRAP_RULE_TEXT[strapRule]}, which serves shoulders ${ends.join(' ')}`
}

export default ruleText({
  title: 'A strap setting for this shoulder',
  standsOn:
    'Rearward the lowest strap exit must be at or below the shoulder, forward the highest at or above it, unless the mode’s own rule says otherwise; an unmeasured shoulder is estimated from the stature.',
  says: {
    'unknown-strap': sentence({
      reason: () => 'At which heights the straps leave the shell has not been read.',
      remedy: () => 'Read or measure the strap heights, and enter them with the mode.',
    }),
    unknown: sentence<Served>({
      reason: (d) => `Neither the seated shoulder height nor the stature is known; ${served(d)}.`,
      remedy: () => 'Measure the seated shoulder height, or the stature to estimate it from.',
    }),
    judged: sentence<
      Served & {
        kind: Decision
        raised: Interval
        isEstimated: boolean
        isSmall: boolean
        /** The shoulder is known, and what lies under the child is not. */
        isByPadding?: boolean
      }
    >({
      reason: (d) => {
        const at = `Shoulder at ${formatInterval(d.raised, 'mm', 0)}${d.isEstimated ? ', estimated from the stature' : d.isByPadding ? ', with the padding that may lie under the child' : ''}`
        switch (d.kind) {
          case 'pass':
            return `${at}; ${served(d)}.`
          case 'fail':
            return `${at}: even the ${d.isSmall ? 'lowest strap exit is above the shoulder' : 'highest strap exit is below the shoulder'}; ${served(d)}.`
          case 'undecided':
            return `${at}: it may be outside what the straps serve; ${served(d)}.`
          default:
            return unreachable(d.kind)
        }
      },
      remedy: ({ kind, isEstimated, isSmall, isByPadding }) =>
        kind === 'undecided'
          ? isByPadding
            ? 'Measure what decides whether the padding belongs under this child.'
            : isEstimated
              ? 'Sit the child against a wall and measure the seated shoulder height.'
              : 'Measure the seated shoulder height more closely.'
          : isSmall
            ? 'Too small for this mode: choose another.'
            : 'Outgrown by shoulder height: choose another mode.',
    }),
  },
})
