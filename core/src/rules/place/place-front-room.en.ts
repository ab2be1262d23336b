import { untilSeenSentence } from '../looks.en.ts'
import { formatInterval, formatNumber, type Interval, type Decision } from '../../quantities/index.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Room for the shell behind the seat in front',
  standsOn:
    'At least one permitted recline must leave the room that the maker’s touch rule asks for, with the seat in front where its tallest user can sit.',
  says: {
    'until-seen': untilSeenSentence({
      what: 'The room in front of the shell',
      remedy: 'Set the seat in front for its tallest user and look between; in the front row, at the dashboard.',
    }),
    judged: sentence<{
      cannotTouch: boolean
      most: Interval
      back: number | undefined
      least: Interval
      row: number
      stands: Interval
      kind: Decision
      isDoubtOfReach: boolean
      largestDeg: number | undefined
    }>({
      reason: ({ cannotTouch, most, back, least, row, stands }) =>
        cannotTouch
          ? `The maker asks for touch; the shell reaches ${formatInterval(most, 'mm', 0)} at most, and the seat in front comes back to ${back} mm.`
          : `The shell reaches at least ${formatInterval(least, 'mm', 0)} from the backrest; ${row === 1 ? 'the dashboard' : 'the seat in front'} stands at ${formatInterval(stands, 'mm', 0)}${row === 1 ? '' : ' for its tallest user'}.`,
      remedy: ({ kind, cannotTouch, largestDeg, isDoubtOfReach }) =>
        kind === 'undecided'
          ? isDoubtOfReach
            ? 'Measure the slope of the cushion more closely: how far the shell reaches hangs on it.'
            : 'Measure the distance to the seat in front more closely.'
          : cannotTouch || largestDeg === undefined
            ? 'No permitted recline fits: another place, car or restraint.'
            : `No permitted recline fits, at most ${formatNumber(largestDeg)}° would: another place, car or restraint.`,
    }),
  },
})
