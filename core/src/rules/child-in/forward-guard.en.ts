import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Guard against turning forward',
  standsOn:
    'A guard blocks the forward direction until the child may travel so; it is set before, and released only for it.',
  says: {
    judged: sentence<{ seen: string; direction: 'rearward' | 'forward' | 'lateral'; wanted: 'set' | 'released' }>({
      reason: ({ seen, direction, wanted }) => `The guard is ${seen}; ${direction} it must be ${wanted}.`,
    }),
  },
})
