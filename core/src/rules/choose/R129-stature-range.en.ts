import { rangeSentence } from '../ranges.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Stature within the maker’s range',
  standsOn: 'UN R129 goes by stature as the maker states it for the mode; both ends belong to the range.',
  says: {
    range: rangeSentence({
      what: 'Stature',
      stated: 'the mode’s range',
      below: 'Stay in a mode for a smaller child.',
      above: 'Outgrown by stature: choose the next mode.',
    }),
  },
})
