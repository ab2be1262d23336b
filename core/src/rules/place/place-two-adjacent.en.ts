import { sentence, type Said, ruleText } from '../say.ts'

export default ruleText({
  title: 'Two adjacent places',
  standsOn:
    'A lateral carry-cot lies across two adjacent forward-facing places, and both are judged: belt, letters or list, airbag. The head is away from the door.',
  says: {
    'second-place': sentence<{ label: string; said: Said }>({
      reason: ({ label, said }, read) => `${label}, the second place: ${read.reason(said)}`,
      remedy: ({ said }, read) => read.remedy(said),
    }),
    fail: sentence({
      reason: () => 'There is no second place next to this one.',
      remedy: () => 'Use a row with two adjacent places.',
    }),
    pass: sentence<{ label: string; positionLabel: string }>({
      reason: ({ label, positionLabel }) => `Lies across ${label} and ${positionLabel}; both have what it needs.`,
    }),
  },
})
