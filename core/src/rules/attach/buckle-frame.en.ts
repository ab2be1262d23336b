import { measuredSentence } from '../measured.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Buckle clear of the frame',
  standsOn:
    'The top of the vehicle buckle sits at or below the edge of the belt path, or the frame bends or loads it in a crash.',
  says: {
    measured: measuredSentence({
      stated: 'the belt path',
      remedy: 'Use another route, place or restraint: the buckle would be loaded.',
    }),
  },
})
