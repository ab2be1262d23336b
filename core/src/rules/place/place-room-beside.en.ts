import { untilSeenSentence } from '../looks.en.ts'
import { formatNumber } from '../../quantities/index.ts'
import { ruleText, sentence } from '../say.ts'

const list = (names: readonly string[]): string => names.join(' and ')

export default ruleText({
  title: 'Room in the row with those beside',
  standsOn:
    'Two restraints of a row clear one another at hip, shoulder and head, at the backrest and in front of it, each moved over as far as its belt allows; a hand that must reach a buckle has 30 mm.',
  says: {
    'until-seen': untilSeenSentence({
      what: 'The room beside it',
      remedy: 'Measure how far each stands out at hip, shoulder and head, or look with both in their places.',
    }),
    taken: sentence({
      reason: () => 'Another of the ride sits at this place.',
      remedy: () => 'Another place, or arrange the family anew.',
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
            return `Does not stand beside what is at ${list(places)}: they overlap${mm && ` by ${mm} mm`} however they are moved over.`
          case 'hand':
            return `No hand reaches a buckle between it and what is at ${list(places)}: ${mm && `${mm} mm of`} the room for it is lacking.`
          case 'trim':
            return `Does not stand between the doors with what is at ${list(places)}: one of them is against the trim.`
        }
      },
      remedy: () => 'Another place or restraint for one of them, or a cup holder or pod taken off.',
    }),
  },
})
