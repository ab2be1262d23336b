import { sentence, ruleText } from '../say.ts'
import { formatInterval, formatNumber, type Interval } from '../../quantities/index.ts'

const notches = (wanted: readonly number[]): string =>
  wanted.length === 1 ? `notch ${wanted[0]}` : `notch ${wanted[0]} to ${wanted.at(-1)}`

export default ruleText({
  title: 'Leg length and notch',
  standsOn:
    'The first notch long enough to reach the bare floor; outside its range the leg cannot be used, and nothing is packed under it.',
  says: {
    'unknown-cushion': sentence({
      reason: () => 'The cushion’s height above the bare floor is not known, so the notch cannot be worked out.',
      remedy: () => 'Take the mat out and measure from the floor to the cushion’s front edge.',
    }),
    'not-recorded': sentence<{ needed: Interval; wanted: readonly number[]; of: number }>({
      reason: ({ needed, wanted, of }) =>
        `Needs a leg of ${formatInterval(needed, 'mm', 0)}: ${notches(wanted)} of ${of}. The setting in use is not recorded.`,
      remedy: ({ wanted }) => `Set ${notches(wanted)} and record it.`,
    }),
    pass: sentence<{ set: number; needed: Interval }>({
      reason: ({ set, needed }) => `Notch ${set} set; a leg of ${formatInterval(needed, 'mm', 0)} is needed.`,
    }),
    other: sentence<{ isShort: boolean; set: number; lift: Interval; wanted: readonly number[] }>({
      reason: ({ isShort, set, lift, wanted }) =>
        isShort
          ? `Notch ${set} leaves ${formatNumber(-lift.hi, 0)} mm or more under the foot; ${notches(wanted)} reaches the floor.`
          : `Notch ${set} lifts the base by ${formatNumber(lift.lo, 0)} mm or more; ${notches(wanted)} is long enough.`,
      remedy: ({ wanted }) => `Set ${notches(wanted)}.`,
    }),
  },
})
