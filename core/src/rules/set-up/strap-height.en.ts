import { exitText, STRAP_RULE_TEXT, type Exit, type NoStrap } from '../../fit/index.ts'
import { formatInterval, formatNumber, type Decision, type Interval } from '../../quantities/index.ts'
import type { StrapRule } from '../../restraint/index.ts'
import { ruleText, sentence } from '../say.ts'

const NO_STRAP: Record<NoStrap, { readonly why: string; readonly remedy: string }> = {
  'too-small': {
    why: 'even the lowest strap exit is above the shoulder',
    remedy: 'Too small for this mode: choose another, or use the insert that belongs to it.',
  },
  outgrown: {
    why: 'even the highest strap exit is below the shoulder',
    remedy: 'Outgrown by shoulder height: choose another mode.',
  },
  between: {
    why: 'the shoulder is between two strap exits, and neither is near enough',
    remedy: 'Ask the maker, or choose another mode: no strap exit of this one suits that shoulder today.',
  },
}
const anyOf = (exits: readonly Exit[]): string => exits.map(exitText).join(' or ')
const at = (shoulder: Interval): string => formatInterval(shoulder, 'mm', 0)

export default ruleText({
  title: 'Strap height for this shoulder',
  standsOn:
    'Rearward at or just below the shoulder, forward at or just above, unless the mode’s own rule says otherwise; the insert under the child counts.',
  says: {
    'no-shoulder': sentence<{ rule: StrapRule }>({
      reason: ({ rule }) => `Straps go ${STRAP_RULE_TEXT[rule]}; the seated shoulder height is not known.`,
      remedy: () => 'Sit the child against a wall and measure from the surface it sits on to the top of the shoulder.',
    }),
    'unknown-gauge': sentence({
      reason: () =>
        'The maker reads the height at the lower edge of the head support; how far that is above the strap exit is not stated.',
      remedy: () => 'Look it up in the manual, or measure it on the restraint, and enter it with the mode.',
    }),
    'unknown-padding': sentence<{ isRead: boolean }>({
      reason: ({ isRead }) =>
        isRead
          ? 'The padding under the child raises the shoulder, and which pieces are in is not recorded.'
          : 'Padding under the child would raise the shoulder, and whether there is any has not been read.',
      remedy: ({ isRead }) => (isRead ? 'Record which inserts are in.' : 'Look up the inserts in the manual.'),
    }),
    'out-of-reach': sentence<{ because: NoStrap; shoulder: Interval; rule: StrapRule }>({
      reason: ({ because, shoulder, rule }) =>
        `Shoulder at ${at(shoulder)}: ${NO_STRAP[because].why}; straps must be ${STRAP_RULE_TEXT[rule]}.`,
      remedy: ({ because }) => NO_STRAP[because].remedy,
    }),
    'not-recorded': sentence<{ shoulder: Interval; wanted: readonly Exit[] }>({
      reason: ({ shoulder, wanted }) =>
        `Shoulder at ${at(shoulder)}: ${anyOf(wanted)}. The setting in use is not recorded.`,
      remedy: ({ wanted }) => `Set ${anyOf(wanted)} and record it.`,
    }),
    'no-such-height': sentence<{ set: number; wanted: readonly Exit[] }>({
      reason: ({ set }) => `The straps are recorded at ${formatNumber(set, 0)} mm, and this mode has no such height.`,
      remedy: ({ wanted }) => `Check which is set; for this shoulder: ${anyOf(wanted)}.`,
    }),
    'too-far': sentence<{
      offBy: number
      shoulder: Interval
      justMm: number
      isMakers: boolean
      wanted: readonly Exit[]
    }>({
      reason: ({ offBy, shoulder, justMm, isMakers }) =>
        `Strap exit ${formatNumber(offBy, 0)} mm from the shoulder at ${at(shoulder)}; more than ${justMm} mm off ${isMakers ? 'is too far for the maker' : 'is advised against'}.`,
      remedy: ({ wanted }) => `Set ${anyOf(wanted)}.`,
    }),
    judged: sentence<{ kind: Decision; set: Exit; shoulder: Interval; rule: StrapRule; wanted: readonly Exit[] }>({
      reason: ({ set, shoulder, rule }) =>
        `Strap exit at ${exitText(set)}, shoulder at ${at(shoulder)}; it must be ${STRAP_RULE_TEXT[rule]}.`,
      remedy: ({ kind, wanted }) =>
        kind === 'undecided' ? 'Measure the seated shoulder height more closely.' : `Set ${anyOf(wanted)}.`,
    }),
  },
})
