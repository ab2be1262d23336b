import { untilSeenSentence } from '../looks.en.ts'
import { formatNumber } from '../../quantities/index.ts'
import { ruleText, sentence } from '../say.ts'

const list = (names: readonly string[]): string => names.join(' and ')

export default ruleText({
  title: 'Room in the row with those beside',
  standsOn:
    'Two restraints in a row clear one another at hip, shoulder and head, at the backrest and in front of it, each moved over as far as its belt allows; a hand that must reach a buckle needs 30 mm.',
  says: {
    'until-seen': untilSeenSentence({
      what: 'The room beside it',
      remedy: 'Measure how wide each is at hip, shoulder and head, or look with both in place.',
    }),
    taken: sentence({
      reason: () => 'Somebody else on this ride sits at this place.',
      remedy: () => 'Use another place, or arrange the family again.',
    }),
    judged: sentence<{
      lacks: 'room' | 'hand' | 'trim' | undefined
      marginMm: number | undefined
      places: readonly string[]
    }>({
      reason: ({ lacks, marginMm, places }) => {
        const mm = marginMm === undefined ? '' : formatNumber(Math.abs(marginMm))
        switch (lacks) {
          case undefined:
            return `Clears what stands at ${list(places)} at every height, with room for a hand at the buckles${mm && `; ${mm} mm to spare at the tightest`}.`
          case 'room':
            return `Does not fit beside what is at ${list(places)}: they overlap${mm && ` by ${mm} mm`} however they are moved over.`
          case 'hand':
            return `No hand reaches the buckle between it and what is at ${list(places)}: ${mm && `${mm} mm`} too little room.`
          case 'trim':
            return `Does not fit between the doors with what is at ${list(places)}: one of them presses on the trim.`
        }
      },
      remedy: () => 'Use another place or restraint for one of them, or take off a cup holder or pod.',
    }),
  },
})
