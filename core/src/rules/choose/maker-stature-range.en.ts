import { rangeSentence } from '../ranges.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Maker’s stature range on a mass-group mode',
  standsOn: 'A maker may add a stature range to a UN R44 mode; it binds.',
  says: {
    range: rangeSentence({
      what: 'Stature',
      stated: 'the maker’s range',
      below: 'Stay in a mode for a smaller child.',
      above: 'Outgrown by stature: choose the next mode.',
    }),
  },
})
