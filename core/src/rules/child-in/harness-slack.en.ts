import { measuredSentence } from '../measured.en.ts'
import { ruleText } from '../say.ts'

const STATED = { maker: 'the maker', 'one-finger': 'one finger', 'two-fingers': 'two fingers' } as const

export default ruleText({
  title: 'Harness slack',
  standsOn:
    'The maker’s own figures, both bounds; where there are none, the practice school “slack”: one finger, two fingers, or nothing that can be pinched.',
  says: {
    measured: measuredSentence<{ by: keyof typeof STATED }>({
      stated: ({ by }) => STATED[by],
      remedy: ({ wording }) =>
        wording === 'at-most'
          ? 'Pull the slack up from the hips, then tighten at the adjuster.'
          : 'Let the adjuster out a little, and measure again.',
    }),
  },
})
