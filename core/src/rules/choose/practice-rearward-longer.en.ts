import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Rearward as long as the restraint allows',
  standsOn:
    'Practice school “turning forward”: the regulations state a minimum; staying rearward protects head and neck longer.',
  says: {
    judged: sentence<{ canStay: boolean }>({
      reason: ({ canStay }) =>
        canStay ? 'A rearward mode still takes this child.' : 'No rearward mode takes this child any more.',
      remedy: () => 'Stay rearward-facing, or choose the practice school “at the legal minimum”.',
    }),
  },
})
