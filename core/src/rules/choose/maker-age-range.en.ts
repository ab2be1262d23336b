import { rangeSentence } from '../ranges.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Maker’s age range',
  standsOn: 'A maker may ask for a higher age than the regulation, never a lower one.',
  says: {
    range: rangeSentence({
      what: 'Age',
      stated: 'the maker’s range',
      ask: 'Ask for the date of birth.',
      below: 'Wait: use a mode for a younger child.',
      above: 'Over the maker’s age limit: choose the next mode.',
    }),
  },
})
