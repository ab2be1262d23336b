import { rangeSentence } from '../ranges.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Nothing forward below 9 kg',
  standsOn: 'UN R44: no child below 9 kg travels forward, whatever the mode’s own range says. 9 kg itself may.',
  says: {
    range: rangeSentence({
      what: 'Mass',
      stated: 'the minimum for facing forward',
      isMinimum: true,
      below: 'Use a rearward mode.',
    }),
  },
})
