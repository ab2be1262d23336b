import { rangeSentence } from '../ranges.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Booster from 100 cm, cushion from 125 cm',
  standsOn:
    'UN R129: a booster with a back from 100 cm, a cushion from 125 cm, whatever the mode’s own range says; 100.0 and 125.0 cm themselves count.',
  says: {
    range: rangeSentence<{ shape: 'infant-shell' | 'lie-flat' | 'seat' | 'booster-seat' | 'booster-cushion' }>({
      what: 'Stature',
      stated: ({ shape }) => (shape === 'booster-cushion' ? 'the minimum for a cushion' : 'the minimum for a booster'),
      isMinimum: true,
      below: ({ shape }) =>
        shape === 'booster-cushion' ? 'Use a booster with a back, or a harness.' : 'Stay in the harness.',
    }),
  },
})
