import { rangeSentence } from '../ranges.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Rearward until at least 76 cm',
  standsOn: 'UN R129: rearward or lateral until the child is at least 76 cm tall; at 76.0 cm it may face forward.',
  says: {
    range: rangeSentence({
      what: 'Stature',
      stated: 'the minimum for facing forward',
      isMinimum: true,
      below: 'Stay rearward-facing.',
    }),
  },
})
