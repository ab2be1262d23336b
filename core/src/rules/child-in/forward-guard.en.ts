import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Guard against turning forward',
  standsOn:
    'A guard blocks the forward direction until the child may face forward: set until then, and released only for it.',
  says: {
    judged: sentence<{ seen: string; direction: 'rearward' | 'forward' | 'lateral'; wanted: 'set' | 'released' }>({
      reason: ({ seen, direction, wanted }) => `The guard is ${seen}; for ${direction} travel it must be ${wanted}.`,
    }),
  },
})
