import { sentence, ruleText } from '../say.ts'
import { measuredSentence } from '../measured.en.ts'

export default ruleText({
  title: 'No slack hidden by a coat',
  standsOn:
    'Coat test: tightened with the coat on, then off without moving the adjuster; what hides more than 10 mm is not worn under a harness.',
  says: {
    unknown: sentence({ reason: () => 'A coat is worn under the harness.' }),
    measured: measuredSentence({
      stated: 'the coat test',
      remedy: 'Coat off; buckle and tighten again, and lay the coat over the straps.',
    }),
  },
})
