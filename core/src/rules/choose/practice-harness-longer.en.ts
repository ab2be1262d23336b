import { sentence, ruleText } from '../say.ts'

export default ruleText({
  title: 'Harness to its limit before a booster',
  standsOn: 'Practice school “booster from”: a harness holds a small child better than an adult belt does.',
  says: {
    judged: sentence<{ canStay: boolean }>({
      reason: ({ canStay }) =>
        canStay
          ? 'A mode with its own harness still takes this child.'
          : 'No mode with a harness here takes this child any more.',
      remedy: () => 'Stay in the harness, or choose the practice school “at the legal minimum”.',
    }),
  },
})
