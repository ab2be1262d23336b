import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Head within the maker’s line',
  standsOn:
    'Crown, eyes or ears no higher than the edge that the mode’s rule names. A mode whose rule has not been read is open.',
  says: {
    'unknown-head-rule': sentence({
      reason: () => 'Which line of the head the maker looks at has not been read.',
      remedy: () => 'Read in the manual how high the head may stand, and enter the rule with the mode.',
    }),
  },
})
