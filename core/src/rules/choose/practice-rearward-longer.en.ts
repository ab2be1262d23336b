import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Rearward as long as the restraint allows',
  standsOn:
    'Practice school “turning forward”: the regulations state a minimum; staying rearward protects head and neck longer.',
  says: {
    judged: sentence<{ canStay: boolean }>({
      reason: ({ canStay }) =>
        canStay ? 'A rearward mode still takes this child.' : 'No rearward mode here takes this child any more.',
      remedy: () => 'Stay rearward, or choose the school “at the legal minimum” if that is your practice.',
    }),
  },
})
