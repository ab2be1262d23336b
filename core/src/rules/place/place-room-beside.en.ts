import { untilSeenSentence } from '../outcomes.en.ts'
import type { Decision } from '../../quantities/index.ts'
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
    judged: sentence<{ kind: Decision; places: readonly string[] }>({
      reason: ({ kind, places }) =>
        kind === 'pass'
          ? `Clears what stands at ${list(places)} at every height, with room for a hand at the buckles.`
          : `Does not stand beside what is at ${list(places)}: they overlap however they are moved over.`,
      remedy: () => 'Another place or restraint for one of them, or a cup holder or pod taken off.',
    }),
  },
})
