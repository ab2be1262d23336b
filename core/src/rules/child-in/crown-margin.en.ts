import { STRICT_CROWN_MM } from '../../practice/index.ts'
import { measuredSentence } from '../measured.en.ts'
import { ruleText } from '../say.ts'

export default ruleText({
  title: 'Infant’s crown below the shell edge',
  standsOn: `Whole head inside: crown at or below the edge; the strict practice asks for ${STRICT_CROWN_MM} mm below.`,
  says: {
    measured: measuredSentence<{ isStrict: boolean }>({
      stated: ({ isStrict }) => (isStrict ? 'the practice school “25 mm margin”' : 'the mode'),
      remedy: 'Outgrown by head height: choose a taller shell.',
    }),
  },
})
