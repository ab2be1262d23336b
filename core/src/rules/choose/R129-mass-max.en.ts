import { rangeSentence } from '../ranges.en.ts'
import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Maker’s maximum mass',
  standsOn:
    'UN R129: the maker of an integral mode states a maximum mass beside the stature range; it belongs to the range, and one that has not been read is open.',
  says: {
    range: rangeSentence({
      what: 'Mass',
      stated: 'the maker’s mass limit',
      below: 'Stay in a mode for a lighter child.',
      above: 'Outgrown by mass, whatever the stature says: choose another mode.',
    }),
    'unknown-mass-kg': sentence({
      reason: () => 'The maximum mass of this mode has not been read; a mode with its own harness or shield has one.',
      remedy: () => 'Read the maximum mass on the approval label, and enter it with the mode.',
    }),
  },
})
