import { rangeSentence } from '../ranges.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Facing forward from 9 kg',
  standsOn: 'UN R44: no child below 9 kg faces forward, whatever the mode’s own range says; at 9 kg it may.',
  says: {
    range: rangeSentence({
      what: 'Mass',
      stated: 'the minimum for facing forward',
      isMinimum: true,
      below: 'Use a rearward mode.',
    }),
  },
})
