import { rangeSentence } from '../ranges.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Maker’s limits for this route',
  standsOn:
    'A maker may limit mass or stature by route: one figure on ISOFIX, another by belt. It applies as well as the mode’s.',
  says: {
    range: rangeSentence({
      what: ({ unit }) => (unit === 'kg' ? 'Mass' : 'Stature'),
      stated: 'the maker’s limit for this route',
      below: 'Use another route or mode.',
      above: ({ unit }) => `Too ${unit === 'kg' ? 'heavy' : 'tall'} for this route: use another, or another mode.`,
    }),
  },
})
